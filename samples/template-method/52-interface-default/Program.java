interface Greeting {
    String name();

    default String closing() {
        return ".";
    }

    default String greet() {
        return "Hello " + name() + closing();
    }
}

class Plain implements Greeting {
    private final String n;

    Plain(String n) {
        this.n = n;
    }

    public String name() {
        return n;
    }
}

class Loud implements Greeting {
    public String name() {
        return "HARBOUR";
    }

    public String closing() {
        return "!";
    }
}
