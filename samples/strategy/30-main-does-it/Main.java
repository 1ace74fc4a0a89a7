class Main {
    static void show(Fee f) {
        System.out.println(f.of(3));
    }

    public static void main(String[] a) {
        Office o = new Office(new MetreFee());
        show(o.getFee());
        show(new PlusFee());
    }
}
