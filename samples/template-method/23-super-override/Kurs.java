abstract class Kurs {
    public void halte() {
        begruesse();
        unterrichte();
        verabschiede();
    }

    protected void begruesse() {
        System.out.println("Moin");
    }

    protected abstract void unterrichte();

    protected void verabschiede() {
        System.out.println("Tschuess");
    }
}

class Segelkurs extends Kurs {
    protected void unterrichte() {
        System.out.println("Wende");
    }
}

class Abendkurs extends Kurs {
    protected void unterrichte() {
        System.out.println("Sterne");
    }

    @Override
    public void halte() {
        System.out.println("Licht an");
        super.halte();
        System.out.println("Licht aus");
    }
}
