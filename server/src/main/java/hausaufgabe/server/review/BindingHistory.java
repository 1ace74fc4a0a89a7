package hausaufgabe.server.review;

import hausaufgabe.server.account.Person;
import hausaufgabe.server.submission.Bindings;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes who plays which role and writes that into the history of a submission's marks, both or neither. */
@Service
class BindingHistory {

    private static final int LONGEST = 4_000;

    private final Bindings bindings;
    private final Reviews reviews;

    BindingHistory(Bindings bindings, Reviews reviews) {
        this.bindings = bindings;
        this.reviews = reviews;
    }

    @Transactional
    void bind(long submission, Map<String, List<String>> roles, String reason, String version, Person by) {
        Map<String, List<String>> before = bindings.bind(submission, roles, reason, by.id());
        reviews.change(
                submission,
                version,
                GradeChange.Aspect.BINDING,
                null,
                said(before),
                said(roles),
                reason.isEmpty() ? null : reason,
                by);
    }

    private static String said(Map<String, List<String>> roles) {
        String all = new TreeMap<>(roles)
                .entrySet().stream()
                        .map(e -> String.join(", ", e.getValue()) + " as " + e.getKey())
                        .collect(Collectors.joining("; "));
        return all.length() <= LONGEST ? all : all.substring(0, LONGEST - 1) + "…";
    }
}
