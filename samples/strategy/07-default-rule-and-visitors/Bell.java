class Bell implements MarinaListener {
    public void arrived(Visit v) {
        System.out.println("ding");
    }
}
