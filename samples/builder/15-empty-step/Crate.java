record Crate(String wood, int nails, String stamp) {}

class CrateBuilder {
    private String wood = "pine";
    private int nails = 40;
    private String stamp = "";

    CrateBuilder wood(String w) {
        this.wood = w;
        return this;
    }

    CrateBuilder nails(int n) {
        return this;
    }

    CrateBuilder stamp(String s) {
        this.stamp = s;
        return this;
    }

    Crate build() {
        return new Crate(wood, nails, stamp);
    }
}

class Carpenter {
    Crate strong() {
        return new CrateBuilder().wood("oak").nails(90).stamp("NH").build();
    }
}
