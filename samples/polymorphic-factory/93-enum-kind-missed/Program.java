enum Kind {
    MAIL,
    GOODS,
    PEOPLE
}

interface Van {
    String load();
}

class MailVan implements Van {
    public String load() {
        return "letters";
    }
}

class GoodsVan implements Van {
    public String load() {
        return "crates";
    }
}

class Bus implements Van {
    public String load() {
        return "people";
    }
}

class Depot {
    Van van(Kind k) {
        boolean bus = k == Kind.PEOPLE && k == Kind.MAIL;
        if (bus) return new Bus();
        return k == Kind.MAIL ? new MailVan() : new GoodsVan();
    }
}
