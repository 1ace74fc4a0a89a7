import java.util.Properties;

public class Config {
    private static final Config CONFIG;

    static {
        CONFIG = new Config();
        CONFIG.props.setProperty("port", "Nordhafen");
    }

    private final Properties props = new Properties();

    private Config() {}

    public static Config config() {
        return CONFIG;
    }

    public String get(String k) {
        return props.getProperty(k);
    }
}
