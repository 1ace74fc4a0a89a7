class Office {
    public static void main(String[] args) {
        Desk first = new FeeDesk();
        first.followedBy(new NoiseDesk());
        System.out.println(first.complain("noise at night"));
    }
}
