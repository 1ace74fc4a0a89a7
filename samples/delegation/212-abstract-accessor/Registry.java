import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;

interface BerthBook {
    void reserve(String berth, String boat);
    boolean isFree(String berth);
    String boatAt(String berth);
}

class PaperBook implements BerthBook {
    private final Map<String, String> pages = new LinkedHashMap<>();

    public void reserve(String berth, String boat) {
        check(berth);
        if (pages.containsKey(berth)) throw new IllegalStateException(berth + " is taken");
        pages.put(berth, boat);
    }

    public boolean isFree(String berth) {
        check(berth);
        return !pages.containsKey(berth);
    }

    public String boatAt(String berth) {
        check(berth);
        return pages.getOrDefault(berth, "nobody");
    }

    private static void check(String berth) {
        if (!berth.matches("[NSEW]\\d{2}")) throw new IllegalArgumentException("berth: " + berth);
    }
}

abstract class ForwardingBook implements BerthBook {
    protected abstract BerthBook delegate();

    public void reserve(String berth, String boat) { delegate().reserve(berth, boat); }
    public boolean isFree(String berth) { return delegate().isFree(berth); }
    public String boatAt(String berth) { return delegate().boatAt(berth); }
}

class CountingBook extends ForwardingBook {
    private final BerthBook book;
    private int asked;

    CountingBook(BerthBook book) { this.book = Objects.requireNonNull(book); }

    @Override
    protected BerthBook delegate() {
        asked++;
        return book;
    }

    int asked() { return asked; }
}

public class Registry {
    public static void main(String[] args) {
        CountingBook b = new CountingBook(new PaperBook());
        b.reserve("N07", "Kittiwake");
        System.out.println(b.isFree("N07") + " " + b.isFree("S12") + " " + b.boatAt("N07"));
        System.out.println(b.asked());
    }
}
