abstract class Logger {
    static final Logger NONE = new Logger() {
        void say(String s) {}

        int count() {
            return 0;
        }
    };

    abstract void say(String s);

    abstract int count();
}

class Console extends Logger {
    private int n;

    void say(String s) {
        n++;
        System.out.println(s);
    }

    int count() {
        return n;
    }
}

class Lock {
    private Logger log = Logger.NONE;

    void logTo(Logger l) {
        log = l;
    }

    void open(String who) {
        log.say(who + " opens");
    }

    int lines() {
        return log.count();
    }
}
