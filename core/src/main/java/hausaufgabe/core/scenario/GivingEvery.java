package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.notation.Scenario.Step;
import hausaufgabe.core.report.ScenarioResult.LineKind;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.scenario.Account.Code;
import hausaufgabe.core.scenario.Bonds.Scene;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Given;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * An operation gives out an object of every type that it makes, asked with all values that are worth trying. It is a fault
 * where it comes to the same type whatever it is asked, or where every answer there can be was tried.
 */
final class GivingEvery {

    private static final int MOST = 150;

    private final Scene scene;

    GivingEvery(Scene scene) {
        this.scene = scene;
    }

    void expect(Step.ExpectEvery step) throws Ended, DriverLost {
        Cast factory = scene.casting().named(step.heard().variable());
        List<Operation> operations = scene.binding().operations(step.heard().member());
        Set<Type> makes = new LinkedHashSet<>();
        Map<String, String> got = new LinkedHashMap<>();
        boolean exhausted = true;
        int asked = 0;
        String problem = null;
        for (Operation o : operations) {
            makes.addAll(madeIn(o, factory.type(), step.role()));
            List<List<Given>> tuples = tuples(o);
            exhausted &= isEverythingTried(o);
            for (List<Given> arguments : tuples) {
                Answer a = scene.casting().callOn(factory.object(), factory.type(), o, arguments);
                asked++;
                if (a.thrown() != null) {
                    problem = o.name() + "() threw " + Stage.said(a.thrown());
                } else if (a.value().ref() != null) {
                    String text = scene.calling().callText(step.heard().variable(), factory, o, arguments);
                    if (got.putIfAbsent(a.value().type(), text) == null) {
                        scene.account()
                                .add(
                                        LineKind.CALLED,
                                        0,
                                        null,
                                        Code.of(text),
                                        " gave back ",
                                        Code.of(a.value().text()));
                    }
                }
            }
        }
        judge(step, operations, makes, got, exhausted && problem == null, asked, problem);
    }

    private void judge(
            Step.ExpectEvery step,
            List<Operation> operations,
            Set<Type> makes,
            Map<String, String> got,
            boolean exhausted,
            int asked,
            String problem)
            throws Ended {
        if (got.isEmpty()) {
            throw new Ended(
                    Outcome.BLOCKED,
                    Sentence.words("Nothing was given out with the values tried"
                            + (problem == null ? "" : ": " + problem) + "."));
        }
        List<Type> lost = madeByNobody(operations, step.role());
        if (!lost.isEmpty()) {
            String nobody = lost.stream().map(Type::name).collect(Collectors.joining(", "));
            scene.account().add(LineKind.EXPECTED, 0, false, "every ", new Code(step.role(), null), " to be given out");
            throw new Ended(
                    Outcome.FAILED,
                    Account.say(Code.of(nobody), " is never given out: nothing in the whole program makes one."));
        }
        List<Type> missing =
                makes.stream().filter(t -> !got.containsKey(t.id())).toList();
        String names = missing.stream().map(Type::name).collect(Collectors.joining(", "));
        boolean alwaysSame = got.size() == 1 && makes.size() > 1 && asked > 2;
        if (alwaysSame && !exhausted && !operations.stream().allMatch(this::isAskedPlainly)) {
            throw new Ended(
                    Outcome.BLOCKED,
                    Sentence.words("With the objects tried it always gave out the same kind; never " + names + "."));
        }
        boolean holds = missing.isEmpty() || !alwaysSame && !exhausted;
        scene.account()
                .add(
                        LineKind.EXPECTED,
                        0,
                        holds,
                        "every ",
                        new Code(step.role(), null),
                        " to be given out",
                        missing.isEmpty() ? "" : "; not given out with the values tried: " + names);
        if (!holds) {
            String what =
                    operations.stream().map(o -> o.name() + "()").distinct().collect(Collectors.joining(", "));
            throw new Ended(
                    Outcome.FAILED,
                    alwaysSame
                            ? Account.say(
                                    Code.of(what),
                                    " was asked " + asked
                                            + " times in different ways and always gave out the same kind; never "
                                            + names + ".")
                            : Account.say(
                                    Code.of(what),
                                    " was asked with every value there is and never gave out " + names + "."));
        }
    }

    /** What the operation makes of a role, asked of an object of just this type. */
    private Set<Type> madeIn(Operation o, Type factory, String role) {
        List<Type> variants = scene.binding().types(role);
        Set<Type> made = new LinkedHashSet<>();
        scene.design().bodies().reachedFrom(o).forEach(s -> {
            if (s.fact() instanceof Fact.Create c && isOwnVersion(s.in(), factory)) {
                variants.stream().filter(v -> v.id().equals(c.type())).forEach(made::add);
            }
        });
        return made;
    }

    /** Not where the type, or another one beside it, has a version of its own of what is asked. */
    private boolean isOwnVersion(Operation o, Type factory) {
        Type owner = scene.design().type(o.owner()).orElse(null);
        if (factory == null || owner == null || owner.equals(factory)) {
            return true;
        }
        boolean beside = o.overrides().stream()
                .flatMap(id -> scene.design().operation(id).stream())
                .anyMatch(up -> scene.design().realises(factory.id(), up.owner()));
        return scene.design().realises(factory.id(), o.owner()) || !beside;
    }

    /**
     * Types of the role that nobody in the whole program makes, where all that can be given out is made by the operations
     * themselves and not, say, registered or found by name. What wraps another of the role may be made by others.
     */
    private List<Type> madeByNobody(List<Operation> operations, String role) {
        if (!operations.stream().allMatch(this::givesOnlyWhatItMakes)) {
            return List.of();
        }
        List<Type> variants = scene.binding().types(role);
        return variants.stream()
                .filter(v -> v.origin() == Type.Origin.DECLARED && v.kind() != Type.Kind.ENUM)
                .filter(v -> scene.design().bodies().creationsOf(v).isEmpty())
                .filter(v -> scene.design().realisationsOf(v).isEmpty())
                .filter(v -> scene.design().operationsOf(v).stream()
                        .filter(o -> !o.isMethod())
                        .flatMap(o -> o.parameters().stream())
                        .noneMatch(p -> p.type().isContainer()
                                || scene.design().type(p.type().type()).isPresent()))
                .toList();
    }

    private boolean givesOnlyWhatItMakes(Operation o) {
        return scene.design().bodies().reachedFrom(o).stream()
                .filter(s -> s.in().equals(o) && s.fact() instanceof Fact.Return)
                .flatMap(s -> scene.design().bodies().origins(((Fact.Return) s.fact()).value(), s).stream())
                .allMatch(v -> v instanceof Value.New || v instanceof Value.Null);
    }

    /** Whether all it is asked with are numbers, texts and the like, of which those in the program's code were tried. */
    private boolean isAskedPlainly(Operation o) {
        return o.parameters().stream()
                .allMatch(p -> scene.design()
                        .type(p.type().type())
                        .map(t -> t.kind() == Type.Kind.ENUM)
                        .orElse(!p.type().isContainer()));
    }

    private boolean isEverythingTried(Operation o) {
        return o.parameters().stream().allMatch(p -> {
            boolean isEnum = scene.design()
                    .type(p.type().type())
                    .map(t -> t.kind() == Type.Kind.ENUM)
                    .orElse(false);
            return isEnum || p.type().type().equals("boolean");
        });
    }

    /** All values for one parameter; for several all together where these are few, else each for itself. */
    private List<List<Given>> tuples(Operation o) throws DriverLost {
        List<List<Given>> values = new ArrayList<>();
        long all = 1;
        for (Operation.Parameter p : o.parameters()) {
            List<Given> candidates = scene.casting().maker().candidates(p.type(), o);
            if (candidates.isEmpty()) {
                return List.of();
            }
            values.add(candidates);
            all *= candidates.size();
        }
        List<List<Given>> tuples = new ArrayList<>();
        if (all <= MOST) {
            tuples.add(List.of());
            for (List<Given> candidates : values) {
                List<List<Given>> longer = new ArrayList<>();
                for (List<Given> t : tuples) {
                    for (Given g : candidates) {
                        List<Given> next = new ArrayList<>(t);
                        next.add(g);
                        longer.add(next);
                    }
                }
                tuples = longer;
            }
            return tuples;
        }
        for (int i = 0; i < values.size() && tuples.size() < MOST; i++) {
            for (Given g : values.get(i)) {
                List<Given> one = new ArrayList<>();
                for (int j = 0; j < values.size(); j++) {
                    one.add(j == i ? g : values.get(j).get(0));
                }
                tuples.add(one);
            }
        }
        return tuples;
    }
}
