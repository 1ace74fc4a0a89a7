interface Navigator {
    String route(String from, String to);
}

class PaperChart implements Navigator {
    public String route(String from, String to) {
        return from + " - lighthouse - " + to;
    }
}

class SatNav implements Navigator {
    private int used;

    public String route(String from, String to) {
        used++;
        return from + " - " + to + " (" + used + ")";
    }
}

class Captain {
    private final Navigator navigator;

    Captain(Navigator navigator) {
        this.navigator = navigator;
    }

    String plan(String to) {
        return "Plan: " + navigator.route("Nordhafen", to);
    }
}
