class Server {
    private static volatile Server s;
    private final int port;

    private Server(int port) {
        this.port = port;
    }

    static Server start(int port) {
        if (s == null) {
            synchronized (Server.class) {
                if (s == null) {
                    s = new Server(port);
                }
            }
        }
        return s;
    }

    int port() {
        return port;
    }
}
