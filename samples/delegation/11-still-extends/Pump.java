interface Pumping {
    int pump(int litres);
}

class Pump implements Pumping {
    private int total;

    public int pump(int litres) {
        total += litres;
        return total;
    }
}

class LoggedPump extends Pump {
    @Override
    public int pump(int litres) {
        System.out.println("pump " + litres);
        return super.pump(litres);
    }
}
