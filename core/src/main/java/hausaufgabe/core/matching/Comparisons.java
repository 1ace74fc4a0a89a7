package hausaufgabe.core.matching;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.notation.Relation;
import hausaufgabe.core.report.Evidence;
import java.util.ArrayList;
import java.util.List;

/** Text against text: copies inside a submission, and a submission against the code that was handed out. */
final class Comparisons {

    private final Design design;
    private final Design starter;

    /** @param starter null where nothing was handed out */
    Comparisons(Design design, Design starter) {
        this.design = design;
        this.starter = starter;
    }

    Judgement judge(Type type, Question q) {
        if (q.relation() == Relation.COPIES) {
            return copies(type, q);
        }
        Wording w = q.words();
        List<Evidence> here = TypeRelations.headline(type);
        if (starter == null) {
            return Judgement.unclear(w.say("There is no starter code to compare ", type, " with."), here);
        }
        Type before = starter.types().stream()
                .filter(t -> t.name().equals(type.name()))
                .findFirst()
                .orElse(null);
        if (before == null) {
            return Judgement.unclear(w.say("The starter code has no ", type, "."), here);
        }
        return switch (q.relation()) {
            case UNCHANGED ->
                Judgement.answer(
                        shape(design, type).equals(shape(starter, before)),
                        w.say(type, " is as it was handed out."),
                        w.say(type, " is not as it was handed out."),
                        here);
            case FEWER_BRANCHES -> fewer(type, branches(design, type), branches(starter, before), "branches", w, here);
            case FEWER_NULL_CHECKS ->
                fewer(type, nullChecks(design, type), nullChecks(starter, before), "null checks", w, here);
            default -> {
                int now = lines(type);
                int then = lines(before);
                yield Judgement.answer(
                        now <= then,
                        w.say(type, " has " + now + " lines; there were " + then + "."),
                        w.say(type, " has " + now + " lines; there were only " + then + "."),
                        here);
            }
        };
    }

    private static Judgement fewer(Type type, long now, long then, String what, Wording w, List<Evidence> here) {
        return Judgement.answer(
                now < then,
                w.say(type, " has " + now + " " + what + "; there were " + then + "."),
                w.say(
                        type,
                        " has " + now + " " + what + "; there were " + then + " before, and there should be fewer."),
                here);
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

    private Judgement copies(Type type, Question q) {
        int least = q.number(0);
        for (Operation mine : design.operationsOf(type)) {
            for (Type other : q.role(1)) {
                if (other.equals(type)) {
                    continue;
                }
                for (Operation its : design.operationsOf(other)) {
                    int at = sharedRun(mine.statements(), its.statements(), least);
                    if (at >= 0) {
                        return Judgement.met(
                                q.words()
                                        .say(mine, " of ", type, " and ", its, " of ", other, " share the same lines."),
                                List.of(
                                        Judgement.at(mine.statements().get(at).span(), "the same lines stand"),
                                        Judgement.at(its.span(), "here")));
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
}
