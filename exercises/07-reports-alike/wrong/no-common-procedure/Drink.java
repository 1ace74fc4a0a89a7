abstract class Drink {
    abstract void boil();

    abstract void brew();

    abstract void pour();
}

class Tea extends Drink {
    void boil() {
        System.out.println("water 100");
    }

    void brew() {
        System.out.println("steep");
    }

    void pour() {
        System.out.println("cup");
    }
}

class Coffee extends Drink {
    void boil() {
        System.out.println("water 92");
    }

    void brew() {
        System.out.println("drip");
    }

    void pour() {
        System.out.println("mug");
    }
}

class Canteen {
    void serve(Drink d) {
        d.boil();
        d.brew();
        d.pour();
    }
}
