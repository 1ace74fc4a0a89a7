interface Antrieb {
    void start();

    void stop();
}

class Diesel implements Antrieb {
    boolean an;

    public void start() {
        an = true;
    }

    public void stop() {
        an = false;
    }
}

class Boot extends Diesel implements Antrieb {
    private final Diesel motor = new Diesel();

    @Override
    public void start() {
        System.out.println("start");
        motor.start();
    }

    @Override
    public void stop() {
        motor.stop();
    }
}
