package pier;

public record Place(String name) {

    public Place {
        if (!name.matches("[A-F]-[0-9]{2}")) throw new RefusedException("'" + name + "' is no place");
    }

    @Override
    public String toString() {
        return name;
    }
}
