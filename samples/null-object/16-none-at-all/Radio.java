interface Radio {
    void call(String text);
}

class ShortWave implements Radio {
    public void call(String text) {
        System.out.println("short " + text);
    }
}

class Vhf implements Radio {
    private int channel = 16;

    public void call(String text) {
        System.out.println(channel + ": " + text);
    }
}

class Bridge {
    private Radio radio;

    void hail(String text) {
        if (radio != null) {
            radio.call(text);
        }
    }
}
