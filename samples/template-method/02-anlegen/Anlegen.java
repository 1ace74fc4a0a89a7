abstract class Manoever {
    public void ausfuehren() {
        melden("Beginn");
        annaehern();
        if (brauchtSchlepper()) {
            schlepperRufen();
        }
        festmachen();
        melden("Ende");
    }

    private void melden(String was) {
        System.out.println(was);
    }

    private void schlepperRufen() {
        System.out.println("Schlepper kommt");
    }

    protected boolean brauchtSchlepper() {
        return false;
    }

    protected abstract void annaehern();

    protected abstract void festmachen();
}

class Yachtmanoever extends Manoever {
    protected void annaehern() {
        System.out.println("unter Segel");
    }

    protected void festmachen() {
        System.out.println("eine Leine");
    }
}

class Tankermanoever extends Manoever {
    @Override
    protected boolean brauchtSchlepper() {
        return true;
    }

    protected void annaehern() {
        System.out.println("ganz langsam");
    }

    protected void festmachen() {
        System.out.println("acht Leinen");
    }
}

class Los {
    public static void main(String[] args) {
        new Yachtmanoever().ausfuehren();
        new Tankermanoever().ausfuehren();
    }
}
