package hausaufgabe.core.matching.analysis;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.report.HealthFact;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Counts what refactoring is meant to change. */
public final class CodeHealth {

    /** How many statements alike, one after the other, make a copied block. */
    public static final int BLOCK = 6;

    private CodeHealth() {}

    /** @param starter the code that was handed out; null where there was none */
    public static List<HealthFact> of(Design submission, @Nullable Design starter) {
        List<HealthFact> facts = new ArrayList<>();
        add(facts, "branches", submission, starter, d -> count(d, f -> !f.arms().isEmpty()));
        add(
                facts,
                "null checks",
                submission,
                starter,
                d -> count(d, f -> f.on() == Fact.Question.NULL && f.arms().isEmpty()));
        add(
                facts,
                "type tests",
                submission,
                starter,
                d -> count(d, f -> f.on() == Fact.Question.TYPE && f.arms().isEmpty()));
        add(facts, "copied blocks of " + BLOCK + " or more statements", submission, starter, CodeHealth::copies);
        add(facts, "statements in the longest operation", submission, starter, CodeHealth::longest);
        add(facts, "lines in types", submission, starter, CodeHealth::lines);
        return facts;
    }

    private static void add(
            List<HealthFact> facts,
            String name,
            Design submission,
            @Nullable Design starter,
            ToIntFunction<Design> counted) {
        facts.add(new HealthFact(
                name,
                starter == null ? null : Integer.valueOf(counted.applyAsInt(starter)),
                counted.applyAsInt(submission)));
    }

    private static Stream<Operation> operations(Design d) {
        return d.operations().stream().filter(o -> o.span() != null);
    }

    private static int count(Design d, java.util.function.Predicate<Fact.Branch> counted) {
        return (int) operations(d)
                .flatMap(o -> o.body().stream())
                .filter(f -> f instanceof Fact.Branch b && counted.test(b))
                .count();
    }

    private static int longest(Design d) {
        return operations(d).mapToInt(o -> o.statements().size()).max().orElse(0);
    }

    private static int lines(Design d) {
        return d.types().stream()
                .filter(t -> t.span() != null && t.enclosing() == null && t.origin() == Type.Origin.DECLARED)
                .mapToInt(t -> t.span().endLine() - t.span().line() + 1)
                .sum();
    }

    private static int copies(Design d) {
        List<Operation> all = operations(d)
                .filter(o -> o.statements().size() >= BLOCK)
                .limit(400)
                .toList();
        int found = 0;
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                found += TextComparison.sharedRun(
                                        all.get(i).statements(), all.get(j).statements(), BLOCK)
                                >= 0
                        ? 1
                        : 0;
            }
        }
        return found;
    }
}
