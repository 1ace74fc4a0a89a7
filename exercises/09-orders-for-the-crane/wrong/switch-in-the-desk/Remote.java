interface Command {
    String name();
}

class Raise implements Command {
    public String name() {
        return "raise";
    }

    void raiseFlag() {
        System.out.println("flag up");
    }
}

class Lower implements Command {
    public String name() {
        return "lower";
    }

    void lowerFlag() {
        System.out.println("flag down");
    }
}

class Remote {
    void press(Command c) {
        switch (c.name()) {
            case "raise":
                ((Raise) c).raiseFlag();
                break;
            case "lower":
                ((Lower) c).lowerFlag();
                break;
            default:
                throw new IllegalArgumentException(c.name());
        }
    }
}
