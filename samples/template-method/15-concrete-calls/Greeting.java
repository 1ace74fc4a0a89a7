abstract class Greeting {
    public void greet() {
        System.out.println("Ahoy");
        System.out.println("Welcome to Nordhafen");
    }

    protected abstract String name();
}

class GuestGreeting extends Greeting {
    protected String name() {
        return "guest";
    }
}

class CaptainGreeting extends Greeting {
    protected String name() {
        return "captain";
    }
}
