abstract class Reinigung {
    public final void reinige() {
        System.out.println("Wasser an");
        System.out.println("Wasser aus");
    }

    protected abstract void schrubbe();

    protected abstract void trockne();
}

class Deckreinigung extends Reinigung {
    protected void schrubbe() {
        System.out.println("Besen");
    }

    protected void trockne() {
        System.out.println("Sonne");
    }
}

class Rumpfreinigung extends Reinigung {
    protected void schrubbe() {
        System.out.println("Hochdruck");
    }

    protected void trockne() {
        System.out.println("Wind");
    }
}
