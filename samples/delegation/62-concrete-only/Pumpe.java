class Motor {
    int rpm;

    void an() {
        rpm = 900;
    }

    void aus() {
        rpm = 0;
    }
}

class Pumpe {
    private final Motor motor = new Motor();

    void an() {
        motor.an();
    }

    void aus() {
        motor.aus();
    }
}
