interface Mailer {
    void send(String text);
}

class SmtpMailer implements Mailer {
    private int sent;

    public void send(String text) {
        sent++;
        System.out.println("to server: " + text);
    }
}

class NullMailer implements Mailer {
    private int dropped;

    public void send(String text) {
        dropped++;
        System.out.println("mail dropped: " + text);
    }
}

class Office {
    private final Mailer mailer;

    Office(Mailer mailer) {
        this.mailer = mailer;
    }

    void announce(String s) {
        mailer.send(s);
    }
}
