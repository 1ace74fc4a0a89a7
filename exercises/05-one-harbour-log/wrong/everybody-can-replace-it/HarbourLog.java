import java.util.ArrayList;
import java.util.List;

/** The one log of the harbour. It comes into being when it is first asked for: most programs never write into it. */
public final class HarbourLog {

    public static HarbourLog instance;

    private final List<String> entries = new ArrayList<>();

    private HarbourLog() {}

    /** Two pilots may ask at the same moment. */
    public static synchronized HarbourLog get() {
        if (instance == null) {
            instance = new HarbourLog();
        }
        return instance;
    }

    public void enter(String text) {
        entries.add(text);
    }

    public int size() {
        return entries.size();
    }
}
