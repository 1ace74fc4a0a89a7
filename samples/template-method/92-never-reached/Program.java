abstract class Brew {
    private int water;

    public final String make() {
        String s = "";
        if (water > 0) {
            s += boil();
            s += pour();
        }
        return s;
    }

    protected abstract String boil();

    protected abstract String pour();
}

class Tea extends Brew {
    protected String boil() {
        return "boil tea ";
    }

    protected String pour() {
        return "pour tea";
    }
}

class Coffee extends Brew {
    protected String boil() {
        return "boil coffee ";
    }

    protected String pour() {
        return "pour coffee";
    }
}
