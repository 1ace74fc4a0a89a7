abstract class Tour {
    public void fahre() {
        if (umgekehrt()) {
            zurueck();
            hin();
        } else {
            hin();
            zurueck();
        }
    }

    protected boolean umgekehrt() {
        return false;
    }

    protected abstract void hin();

    protected abstract void zurueck();
}

class Fahrt extends Tour {
    protected void hin() {
        System.out.println("hin");
    }

    protected void zurueck() {
        System.out.println("zurueck");
    }
}

class Kehr extends Tour {
    protected boolean umgekehrt() {
        return true;
    }

    protected void hin() {
        System.out.println("h");
    }

    protected void zurueck() {
        System.out.println("z");
    }
}
