interface Tax {
    double on(double v);
}

class Low implements Tax {
    public double on(double v) {
        return v * 0.07;
    }
}

class High implements Tax {
    public double on(double v) {
        return v * 0.19;
    }
}

class Till {
    private Tax tax;

    Till(Tax t) {
        tax = t;
    }

    void use(Tax t) {
        tax = t == null ? tax : tax;
    }

    double total(double v) {
        return v + tax.on(v);
    }
}
