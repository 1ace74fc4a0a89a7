interface Winding {
    int wind(int turns);

    void brake();
}

class HandWinch implements Winding {
    private int rope;

    public int wind(int turns) {
        rope += turns * 2;
        return rope;
    }

    public void brake() {
        System.out.println("krr");
    }
}

class MotorWinch implements Winding {
    private Winding winch = new HandWinch();
    private int rope;

    public int wind(int turns) {
        rope += turns * 2;
        return rope;
    }

    public void brake() {
        System.out.println("krr");
    }
}
