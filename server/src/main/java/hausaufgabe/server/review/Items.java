package hausaufgabe.server.review;

import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.submission.Summary;
import hausaufgabe.server.submission.Summary.Item;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What points can be given for: a report's requirements and scenarios, by a key that outlives a re-check. */
final class Items {

    private Items() {}

    /** The items of a report that count, in its order. */
    static Map<String, Item> of(CheckReport report) {
        Map<String, Item> items = new LinkedHashMap<>();
        Summary.of(report).items().forEach(i -> items.put(i.key(), i));
        return items;
    }

    static Optional<Item> find(CheckReport report, String key) {
        return Optional.ofNullable(of(report).get(key));
    }
}
