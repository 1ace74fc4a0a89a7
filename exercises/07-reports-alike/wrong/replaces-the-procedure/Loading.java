abstract class Loading {
    public void load() {
        open();
        fill();
        shut();
    }

    abstract void open();

    abstract void fill();

    abstract void shut();
}

class GrainLoading extends Loading {
    void open() {
        System.out.println("hatch");
    }

    void fill() {
        System.out.println("chute");
    }

    void shut() {
        System.out.println("seal");
    }
}

class CarLoading extends Loading {
    @Override
    public void load() {
        System.out.println("drive on");
        System.out.println("lash");
    }

    void open() {
        System.out.println("ramp");
    }

    void fill() {
        System.out.println("cars");
    }

    void shut() {
        System.out.println("ramp up");
    }
}
