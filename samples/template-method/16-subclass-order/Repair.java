abstract class Repair {
    protected abstract void remove();

    protected abstract void fix();

    protected abstract void mount();

    public abstract void repair();
}

class ScrewRepair extends Repair {
    protected void remove() {
        System.out.println("unscrew");
    }

    protected void fix() {
        System.out.println("weld");
    }

    protected void mount() {
        System.out.println("screw");
    }

    public void repair() {
        remove();
        fix();
        mount();
    }
}

class SailRepair extends Repair {
    protected void remove() {
        System.out.println("take down");
    }

    protected void fix() {
        System.out.println("sew");
    }

    protected void mount() {
        System.out.println("hoist");
    }

    public void repair() {
        remove();
        fix();
        mount();
    }
}
