abstract class Watch {
    final void stand() {
        begin();
        lookOut();
    }

    abstract void begin();

    abstract void lookOut();

    abstract void handOver();
}

class NightWatch extends Watch {
    void begin() {
        System.out.println("coffee");
    }

    void lookOut() {
        System.out.println("lights");
    }

    void handOver() {
        System.out.println("log");
    }
}

class DayWatch extends Watch {
    void begin() {
        System.out.println("sun cream");
    }

    void lookOut() {
        System.out.println("sails");
    }

    void handOver() {
        System.out.println("talk");
    }
}
