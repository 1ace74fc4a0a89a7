class Sign {
    final String text;
    final String colour;
    final int size;

    Sign(String text, String colour, int size) {
        this.text = text;
        this.colour = colour;
        this.size = size;
    }
}

class SignBuilder {
    private String text = "", colour = "white";
    private int size = 1;

    SignBuilder text(String t) {
        this.text = t;
        return this;
    }

    SignBuilder colour(String c) {
        colour = c;
        return this;
    }

    SignBuilder size(int s) {
        if (s > 1000000) size = s;
        return this;
    }

    Sign build() {
        return new Sign(text, colour, size);
    }
}
