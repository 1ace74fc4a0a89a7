abstract class Ablauf {
    public final void los() {
        pruefe();
        arbeite();
        raeume();
    }

    private void pruefe() {
        if (true) throw new IllegalStateException("nicht bereit");
    }

    protected abstract void arbeite();

    protected abstract void raeume();
}

class Kochen extends Ablauf {
    protected void arbeite() {
        System.out.println("koche");
    }

    protected void raeume() {
        System.out.println("spuele");
    }
}

class Malen extends Ablauf {
    protected void arbeite() {
        System.out.println("male");
    }

    protected void raeume() {
        System.out.println("putze");
    }
}
