class Visit {
    private int metres;
    private int nights;

    Visit(int metres, int nights) {
        this.metres = metres;
        this.nights = nights;
    }

    int metres() { return metres; }
    int nights() { return nights; }
}
