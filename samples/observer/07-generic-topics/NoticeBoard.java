import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** People subscribe to the topics they care for. Also in here: prices, which are a strategy and have nothing to do with it. */
public class NoticeBoard {
    enum Topic { WEATHER, STRIKE, FISH }

    interface Reader<T> {
        void read(Topic topic, T notice);
    }

    private final Map<Topic, List<Reader<? super String>>> readers = new EnumMap<>(Topic.class);
    private final Map<Topic, String> latest = new EnumMap<>(Topic.class);

    void subscribe(Topic topic, Reader<? super String> reader) {
        readers.computeIfAbsent(topic, t -> new ArrayList<>()).add(reader);
    }

    void cancel(Topic topic, Reader<? super String> reader) {
        List<Reader<? super String>> list = readers.get(topic);
        if (list != null) {
            list.remove(reader);
        }
    }

    void post(Topic topic, String notice) {
        latest.put(topic, notice);
        for (Reader<? super String> r : new ArrayList<>(readers.getOrDefault(topic, List.of()))) {
            r.read(topic, notice);
        }
    }
}

class Fisherman implements NoticeBoard.Reader<String> {
    public void read(NoticeBoard.Topic topic, String notice) {
        System.out.println("Petri heil: " + notice);
    }
}

class Archive implements NoticeBoard.Reader<Object> {
    private final List<Object> all = new ArrayList<>();

    public void read(NoticeBoard.Topic topic, Object notice) {
        all.add(notice);
    }
}

interface FishPrice {
    double of(double kilos);
}

class Wholesale implements FishPrice {
    public double of(double kilos) {
        return kilos * 3.1;
    }
}

class Retail implements FishPrice {
    public double of(double kilos) {
        return kilos * 7.5 + 1;
    }
}

class FishMarket {
    private FishPrice price;

    FishMarket(FishPrice price) {
        this.price = price;
    }

    void setPrice(FishPrice price) {
        this.price = price;
    }

    double sell(double kilos) {
        return price.of(kilos);
    }
}
