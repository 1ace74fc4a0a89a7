class Radio {
    private static Radio one;
    protected String channel = "16";
    protected Radio() {}
    static Radio get() { if (one == null) one = new Radio(); return one; }
    String channel() { return channel; }
}
class HandRadio extends Radio {
    HandRadio(String c) { channel = c; }
}
class Crew {
    public static void main(String[] args) {
        System.out.println(Radio.get().channel() + new HandRadio("9").channel());
    }
}
