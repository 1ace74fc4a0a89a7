package hausaufgabe.core.matching.analysis;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.matching.judgement.Judgement;
import hausaufgabe.core.matching.judgement.Query;
import hausaufgabe.core.matching.judgement.Wording;
import hausaufgabe.core.report.Evidence;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;

/** Text against text: copies inside a submission, and a submission against the code that was handed out. */
public final class TextComparison {

    private final Design design;
    private final @Nullable Design starter;

    /** @param starter null where nothing was handed out */
    public TextComparison(Design design, @Nullable Design starter) {
        this.design = design;
        this.starter = starter;
    }

    public Judgement unchanged(Type type, Query q) {
        return compared(
                type,
                q,
                (old, before) -> Judgement.answer(
                        shape(design, type).equals(shape(old, before)),
                        q.words().say(type, " is as it was handed out."),
                        q.words().say(type, " is not as it was handed out."),
                        TypeAnalysis.headline(type)));
    }

    public Judgement fewerBranches(Type type, Query q) {
        return compared(
                type, q, (old, before) -> fewer(type, branches(design, type), branches(old, before), "branches", q));
    }

    public Judgement fewerNullChecks(Type type, Query q) {
        return compared(
                type,
                q,
                (old, before) -> fewer(type, nullChecks(design, type), nullChecks(old, before), "null checks", q));
    }

    public Judgement noMoreLines(Type type, Query q) {
        return compared(type, q, (old, before) -> {
            int now = lines(type);
            int then = lines(before);
            return Judgement.answer(
                    now <= then,
                    q.words().say(type, " has " + now + " lines; there were " + then + "."),
                    q.words().say(type, " has " + now + " lines; there were only " + then + "."),
                    TypeAnalysis.headline(type));
        });
    }

    /** Compares with the type of the same name in the starter code; unclear where there is none. */
    private Judgement compared(Type type, Query q, BiFunction<Design, Type, Judgement> comparison) {
        List<Evidence> here = TypeAnalysis.headline(type);
        if (starter == null) {
            return Judgement.unclear(q.words().say("There is no starter code to compare ", type, " with."), here);
        }
        Design old = starter;
        return old.types().stream()
                .filter(t -> t.name().equals(type.name()))
                .findFirst()
                .map(before -> comparison.apply(old, before))
                .orElseGet(() -> Judgement.unclear(q.words().say("The starter code has no ", type, "."), here));
    }

    private static Judgement fewer(Type type, long now, long then, String what, Query q) {
        Wording w = q.words();
        return Judgement.answer(
                now < then,
                w.say(type, " has " + now + " " + what + "; there were " + then + "."),
                w.say(
                        type,
                        " has " + now + " " + what + "; there were " + then + " before, and there should be fewer."),
                TypeAnalysis.headline(type));
    }

    private static List<String> shape(Design design, Type type) {
        List<String> shape = new ArrayList<>();
        design.fieldsOf(type).forEach(f -> shape.add(f.type().text() + " " + f.name()));
        for (Operation o : design.operationsOf(type)) {
            shape.add(
                    o.name() + o.parameters().stream().map(p -> p.type().text()).toList());
            o.statements().forEach(s -> shape.add(s.text()));
        }
        return shape;
    }

    private static long branches(Design design, Type type) {
        return facts(design, type).filter(b -> !b.arms().isEmpty()).count();
    }

    private static long nullChecks(Design design, Type type) {
        return facts(design, type)
                .filter(b -> b.on() == Fact.Question.NULL && b.arms().isEmpty())
                .count();
    }

    private static java.util.stream.Stream<Fact.Branch> facts(Design design, Type type) {
        return design.operationsOf(type).stream()
                .flatMap(o -> o.body().stream())
                .filter(Fact.Branch.class::isInstance)
                .map(Fact.Branch.class::cast);
    }

    private static int lines(Type type) {
        return type.span() == null ? 0 : type.span().endLine() - type.span().line() + 1;
    }

    /** What makes an object may well look the same in all of them. */
    private List<Operation> methodsOf(Type type) {
        return design.operationsOf(type).stream().filter(Operation::isMethod).toList();
    }

    public Judgement copies(Type type, Query q) {
        int least = q.number(0);
        for (Operation mine : methodsOf(type)) {
            for (Type other : q.role(1)) {
                if (other.equals(type)) {
                    continue;
                }
                for (Operation its : methodsOf(other)) {
                    int at = sharedRun(mine.statements(), its.statements(), least);
                    if (at >= 0) {
                        return Judgement.met(
                                q.words()
                                        .say(mine, " of ", type, " and ", its, " of ", other, " share the same lines."),
                                bothPlaces(mine.statements().get(at).span(), its.span()));
                    }
                }
            }
        }
        return Judgement.unmet(q.words().say(type, " copies nothing from the others."), List.of());
    }

    /** Where in {@code a} a run of statements begins that also stands in {@code b}; -1 for nowhere. */
    static int sharedRun(List<Operation.Statement> a, List<Operation.Statement> b, int least) {
        for (int i = 0; i < a.size(); i++) {
            for (int j = 0; j < b.size(); j++) {
                int weight = 0;
                int k = 0;
                while (i + k < a.size()
                        && j + k < b.size()
                        && a.get(i + k).text().equals(b.get(j + k).text())) {
                    weight += a.get(i + k).weight();
                    k++;
                }
                if (weight >= least) {
                    return i;
                }
            }
        }
        return -1;
    }

    private static List<Evidence> bothPlaces(Span mine, @Nullable Span its) {
        List<Evidence> places = new ArrayList<>(List.of(Judgement.at(mine, "the same lines stand")));
        places.addAll(Judgement.places(its, "here"));
        return places;
    }
}
