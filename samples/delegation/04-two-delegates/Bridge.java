interface Radio {
    void call(String text);
}

interface Helm {
    void steer(int degrees);

    int course();
}

class Vhf implements Radio {
    public void call(String text) {
        System.out.println("16: " + text);
    }
}

class Wheel implements Helm {
    private int course;

    public void steer(int degrees) {
        course = (course + degrees) % 360;
    }

    public int course() {
        return course;
    }
}

class Bridge implements Radio, Helm {
    private final Radio radio;
    private final Helm helm;

    Bridge(Radio radio, Helm helm) {
        this.radio = radio;
        this.helm = helm;
    }

    @Override
    public void call(String text) {
        radio.call(text);
    }

    @Override
    public void steer(int degrees) {
        helm.steer(degrees);
    }

    @Override
    public int course() {
        return helm.course();
    }
}
