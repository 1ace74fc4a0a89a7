class Sign {
    String text = "";
    String colour = "";
}

interface SignBuilder {
    void text();

    void colour();

    Sign result();
}

class WarningSign implements SignBuilder {
    private Sign sign = new Sign();

    public void text() {
        sign.text = "Danger";
    }

    public void colour() {
        sign.colour = "red";
    }

    public Sign result() {
        Sign s = sign;
        sign = new Sign();
        return s;
    }
}

class Painter {
    private final WarningSign builder = new WarningSign();

    Sign paint() {
        builder.text();
        builder.colour();
        return builder.result();
    }
}
