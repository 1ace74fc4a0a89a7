package hausaufgabe.server.review;

import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Summary;
import hausaufgabe.server.submission.Summary.Item;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What points can be given for: a report's requirements and scenarios and what a person judges, by a key that outlives a re-check. */
public final class Items {

    private Items() {}

    /** The items of a submission that count, in the order of its report; none before there is one. */
    public static Map<String, Item> of(HandedIn submission) {
        Map<String, Item> items = new LinkedHashMap<>();
        submission
                .report()
                .ifPresent(r -> Summary.of(r, submission.criteria()).items().forEach(i -> items.put(i.key(), i)));
        return items;
    }

    /** How each is called, by its key. */
    public static Map<String, String> titles(HandedIn submission) {
        Map<String, String> titles = new LinkedHashMap<>();
        submission.report().ifPresent(r -> {
            r.findings().forEach(f -> titles.put(Summary.keyOf(f), f.text().plain()));
            r.scenarios().forEach(s -> titles.put(Summary.keyOf(s), s.name()));
        });
        submission.criteria().forEach(c -> titles.put("criterion:" + c.id(), c.text()));
        return titles;
    }

    static Optional<Item> find(HandedIn submission, String key) {
        return Optional.ofNullable(of(submission).get(key));
    }
}
