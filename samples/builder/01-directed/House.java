package build;

public class House {
    private String walls = "";
    private String roof = "";

    void setWalls(String walls) {
        this.walls = walls;
    }

    void setRoof(String roof) {
        this.roof = roof;
    }

    @Override
    public String toString() {
        return walls + "/" + roof;
    }
}
