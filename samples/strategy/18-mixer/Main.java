class Main {
    public static void main(String[] a) {
        Mixer m = new Mixer(x -> x * 2, x -> x + 1);
        m.select(1);
        System.out.println(m.apply(3));
    }
}
