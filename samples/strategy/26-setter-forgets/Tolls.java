class DayToll implements Toll {
    public int take(int metres) {
        return metres;
    }
}

class NightToll implements Toll {
    public int take(int metres) {
        return 2 * metres;
    }
}
