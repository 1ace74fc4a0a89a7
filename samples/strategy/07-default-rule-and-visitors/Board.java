class Board implements MarinaListener {
    public void arrived(Visit v) {
        System.out.println("Welcome, " + v.metres() + " m");
    }
}
