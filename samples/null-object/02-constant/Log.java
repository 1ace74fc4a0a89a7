interface Log {
    Log SILENT = new Log() {
        @Override
        public void write(String line) {}
    };

    void write(String line);
}

class ConsoleLog implements Log {
    @Override
    public void write(String line) {
        System.out.println(line);
    }
}

class Engine {
    private final Log log;

    Engine() {
        this(Log.SILENT);
    }

    Engine(Log log) {
        this.log = log == null ? Log.SILENT : log;
    }

    void start() {
        log.write("engine on");
    }
}
