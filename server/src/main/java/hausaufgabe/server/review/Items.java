package hausaufgabe.server.review;

import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.Status;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What points can be given for: a report's requirements and scenarios, by a key that outlives a re-check. */
final class Items {

    private Items() {}

    /** @param proposed points proposed by the check */
    record Item(String key, double proposed, double possible) {}

    /** The items of a report that count, in its order. */
    static Map<String, Item> of(CheckReport report) {
        Map<String, Item> items = new LinkedHashMap<>();
        report.findings().stream()
                .filter(f -> f.status() != Status.NOT_APPLICABLE)
                .map(f -> new Item("requirement:" + f.id(), f.earned(), f.possible()))
                .forEach(i -> items.put(i.key(), i));
        report.scenarios().stream()
                .map(s -> new Item("scenario:" + s.name(), s.earned(), s.possible()))
                .forEach(i -> items.put(i.key(), i));
        return items;
    }

    static Optional<Item> find(CheckReport report, String key) {
        return Optional.ofNullable(of(report).get(key));
    }
}
