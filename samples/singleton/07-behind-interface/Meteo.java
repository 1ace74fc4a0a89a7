interface Weather {
    int wind();

    static Weather station() {
        return Station.THE_STATION;
    }
}

final class Station implements Weather {
    static final Station THE_STATION = new Station();
    private int wind = 3;

    private Station() {}

    @Override
    public int wind() {
        return wind++;
    }
}
