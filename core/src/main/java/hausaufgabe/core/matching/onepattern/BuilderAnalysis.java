package hausaufgabe.core.matching.onepattern;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.design.Visibility;
import hausaufgabe.core.matching.analysis.BodyAnalysis;
import hausaufgabe.core.matching.analysis.CallReach;
import hausaufgabe.core.matching.analysis.RoleMembers;
import hausaufgabe.core.matching.analysis.TypeAnalysis;
import hausaufgabe.core.matching.judgement.Judgement;
import hausaufgabe.core.matching.judgement.Query;
import hausaufgabe.core.report.Evidence;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What is prepared in steps and then built. */
public final class BuilderAnalysis {

    private final Design design;
    private final CallReach reach;
    private final BodyAnalysis bodies;

    public BuilderAnalysis(Design design, CallReach reach, BodyAnalysis bodies) {
        this.design = design;
        this.reach = reach;
        this.bodies = bodies;
    }

    private boolean gives(@Nullable TypeRef result, List<Type> role) {
        return result != null && !result.many() && design.leadsTo(result, role).isYes();
    }

    private boolean isOf(String type, List<Type> role) {
        return design.isOneOf(type, role).isYes();
    }

    public Judgement builds(Type type, Query q) {
        List<Operation> finishing = new ArrayList<>();
        List<Operation> preparing = new ArrayList<>();
        boolean product = isOf(type.id(), q.role(0));
        for (Operation o : design.methodsOf(type)) {
            if (o.isStatic() || o.isUniversal() || !design.bodies().isOpen(o)) {
                continue;
            }
            if (gives(o.result(), q.role(0)) && isMade(o, q.role(0))) {
                finishing.add(o);
            } else if (prepares(o, type)) {
                preparing.add(o);
            }
        }
        List<Evidence> places = new ArrayList<>();
        finishing.forEach(o -> places.addAll(Judgement.places(o.span(), "built here")));
        return Judgement.answer(
                !product && !finishing.isEmpty() && !preparing.isEmpty(),
                q.words().say(type, " builds ", q.role(0), "."),
                q.words().say(type, " does not build ", q.role(0), " in steps."),
                places.isEmpty() ? TypeAnalysis.headline(type) : places);
    }

    /** Whether what it gives back is made for it or kept as the one in the making, rather than looked up. */
    private boolean isMade(Operation o, List<Type> role) {
        if (o.isAbstract()) {
            return true;
        }
        for (Fact f : o.body()) {
            if (f instanceof Fact.Return r) {
                for (Value v : design.bodies().origins(r.value(), new Bodies.ReachedFact(o, f, Map.of()))) {
                    boolean made = v instanceof Value.New n && isOf(n.type(), role);
                    boolean kept = v instanceof Value.OfField x
                            && x.on() instanceof Value.Self
                            && design.field(x.field())
                                    .map(y -> !y.type().many())
                                    .orElse(false);
                    if (made || kept || v instanceof Value.ResultOf) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** Whether the operation prepares for the ones that finish. */
    public Judgement prepares(Operation o, Query q) {
        Type owner = design.type(o.owner()).orElse(null);
        boolean yes = owner != null
                && o.isMethod()
                && !o.isStatic()
                && !o.isUniversal()
                && !q.operations(0).contains(o)
                && prepares(o, owner);
        return Judgement.answer(
                yes,
                q.words().say(o, " prepares what is built."),
                q.words().say(o, " prepares nothing."),
                Judgement.places(o.span(), "declared here"));
    }

    /** Whether it hands itself on for more, or gives nothing back and changes what is kept. */
    private boolean prepares(Operation o, Type type) {
        boolean chained = o.result() != null
                && (o.result().type().equals(type.id())
                        || design.realises(type.id(), o.result().type())
                        || isNextStage(type, o.result().type()));
        if (o.result() != null) {
            boolean onlyItself =
                    o.parameters().isEmpty() && (o.visibility() == Visibility.PROTECTED || saysOnlyWhoItIs(o));
            return chained && !onlyItself;
        }
        return o.isAbstract()
                || !design.overridersOf(o).isEmpty()
                || reach.from(o).stream()
                        .anyMatch(s -> s.fact() instanceof Fact.Write
                                || s.fact() instanceof Fact.Put
                                || s.fact() instanceof Fact.Call
                                || s.fact() instanceof Fact.Library);
    }

    /** What a family of builders needs to give back the right type, and no step: all it does is give back its own object. */
    private boolean saysOnlyWhoItIs(Operation o) {
        List<Operation> own =
                design.overridersOf(o).stream().filter(b -> !b.isAbstract()).toList();
        List<Operation> all = o.isAbstract() ? own : List.of(o);
        return !all.isEmpty()
                && all.stream()
                        .allMatch(b -> !b.body().isEmpty()
                                && b.body().stream()
                                        .allMatch(f -> f instanceof Fact.Return r && r.value() instanceof Value.Self));
    }

    /** Whether one object is both, so that asking the first leads on to the second. */
    private boolean isNextStage(Type first, String second) {
        return design.realisationsOf(first).stream()
                .anyMatch(b -> b.id().equals(second) || design.realises(b.id(), second));
    }

    /** Declares something that the builder answers, and gives back nothing, the product, or the next stage. */
    public Judgement stage(Type type, Query q) {
        List<Type> builders = q.role(0);
        boolean above =
                design.isAbstraction(type) && builders.stream().anyMatch(b -> design.realises(b.id(), type.id()));
        boolean declares = design.operationsOf(type).stream()
                .filter(o -> o.isMethod() && !o.isStatic())
                .anyMatch(o -> o.result() == null
                        || builders.stream()
                                .anyMatch(b -> b.id().equals(o.result().type())
                                        || design.realises(b.id(), o.result().type()))
                        || builders.stream().anyMatch(b -> isResultOf(b, o)));
        return Judgement.answer(
                above && declares,
                q.words().say(type, " declares how ", builders, " is asked."),
                q.words().say(type, " declares nothing of ", builders, "."),
                TypeAnalysis.headline(type));
    }

    private boolean isResultOf(Type builder, Operation declared) {
        Operation o = RoleMembers.implementation(design, builder, declared);
        return o != null
                && o.result() != null
                && design.type(o.result().type()).filter(Type::isOwn).isPresent();
    }

    public Judgement directs(Type type, Query q) {
        Set<String> called = new LinkedHashSet<>();
        List<Evidence> places = new ArrayList<>();
        boolean separate = q.operations(0).stream()
                .anyMatch(o -> design.type(o.owner())
                        .filter(design::isAbstraction)
                        .filter(this::finishesItself)
                        .isPresent());
        boolean starts = design.operationsOf(type).stream().anyMatch(o -> o.role() == Operation.Role.ENTRY);
        for (Operation o : RoleMembers.ofRole(design, type)) {
            if (o.role() == Operation.Role.ENTRY) {
                continue;
            }
            for (CallReach.ReachedCall h : reach.callsOf(q.operations(0), reach.from(o))) {
                boolean given = h.receivers().stream()
                        .anyMatch(v -> v instanceof Value.OfField
                                || v instanceof Value.OfParameter
                                || v instanceof Value.ElementOf
                                || (separate && !starts && v instanceof Value.New));
                if (given && h.step().fact() instanceof Fact.Call c) {
                    called.add(c.name());
                    places.add(Judgement.at(c.span(), "prepared here"));
                }
            }
        }
        return Judgement.answer(
                called.size() >= 2 && type.kind() != Type.Kind.RECORD,
                q.words().say(type, " decides in which order it is prepared."),
                q.words().say(type, " prepares nothing."),
                places);
    }

    /** A step that comes to nothing; where there are several builders, some may have nothing to do for it. */
    public Judgement ignores(Type type, Query q) {
        List<Type> fellows = q.binding().roles().values().stream()
                .filter(l -> l.contains(type))
                .flatMap(List::stream)
                .filter(t -> !t.equals(type) && design.isConcrete(t))
                .toList();
        for (Operation step : q.operations(0)) {
            Operation o = RoleMembers.implementation(design, type, step);
            if (o == null || o.isAbstract()) {
                continue;
            }
            Judgement left = leavesSomething(o, q);
            boolean othersDo = fellows.stream()
                    .map(t -> RoleMembers.implementation(design, t, step))
                    .anyMatch(x -> x != null
                            && !x.isAbstract()
                            && !x.equals(o)
                            && leavesSomething(x, q).is(Status.MET));
            if (left.is(Status.UNMET) && !othersDo) {
                return Judgement.met(left.why(), left.evidence());
            }
        }
        return Judgement.unmet(q.words().say("Every step leaves something behind."), TypeAnalysis.headline(type));
    }

    private Judgement leavesSomething(Operation o, Query q) {
        return bodies.setsSomething(o, q);
    }

    /** Whether it can be asked for what is built, so that nobody need know more than it. */
    private boolean finishesItself(Type stage) {
        return design.methodsOf(stage).stream()
                .filter(o -> o.result() != null)
                .anyMatch(o -> design.type(o.knownResult().type())
                        .filter(r -> !r.equals(stage) && !design.realises(stage.id(), r.id()))
                        .isPresent());
    }

    public Judgement sharesResult(Type type, Query q) {
        List<Evidence> places = new ArrayList<>();
        List<Field> shared = new ArrayList<>();
        for (Operation o : design.methodsOf(type)) {
            if (o.isStatic() || !gives(o.result(), q.role(0))) {
                continue;
            }
            for (Fact f : o.body()) {
                if (!(f instanceof Fact.Return r)) {
                    continue;
                }
                for (Value v : design.bodies().origins(r.value(), new Bodies.ReachedFact(o, f, Map.of()))) {
                    Field kept = v instanceof Value.OfField x && !(r.value() instanceof Value.Copy)
                            ? design.field(x.field()).orElse(null)
                            : null;
                    if (kept != null && gives(kept.type(), q.role(0)) && !isRenewed(kept)) {
                        shared.add(kept);
                        places.add(Judgement.at(f.span(), "given back here"));
                    }
                }
            }
        }
        return Judgement.answer(
                !places.isEmpty(),
                q.words()
                        .say(
                                "The same object in ",
                                shared,
                                " is given back each time; a second build changes the first."),
                q.words().say("Each build gives an object of its own."),
                places);
    }

    /** Whether some operation puts another object in its place. */
    private boolean isRenewed(Field field) {
        return design.bodies().writesTo(field).stream()
                .anyMatch(s ->
                        s.in().isMethod() && s.fact() instanceof Fact.Write w && !(w.value() instanceof Value.Literal));
    }

    /** Whether what was given back as finished is filled further, by what the steps fill it with. */
    public Judgement fillsBeside(Type type, Query q) {
        List<Operation> fillings = q.operations(1).stream()
                .flatMap(step -> Stream.concat(Stream.of(step), design.overridersOf(step).stream()))
                .flatMap(step -> reach.from(step).stream())
                .flatMap(s ->
                        s.fact() instanceof Fact.Call c ? design.operation(c.operation()).stream() : Stream.empty())
                .filter(o -> isOf(o.owner(), q.role(0)) && changesSomething(o))
                .distinct()
                .toList();
        Set<Operation> filledBy = new LinkedHashSet<>();
        List<Evidence> places = new ArrayList<>();
        for (Operation o : RoleMembers.ofRole(design, type)) {
            for (Fact f : o.body()) {
                if (f instanceof Fact.Call c
                        && c.receiver() instanceof Value.ResultOf r
                        && design.operation(r.operation())
                                .filter(built -> gives(built.result(), q.role(0)))
                                .isPresent()) {
                    fillings.stream().filter(x -> x.id().equals(c.operation())).forEach(x -> {
                        filledBy.add(x);
                        places.add(Judgement.at(f.span(), "filled here, after it was built"));
                    });
                }
            }
        }
        return Judgement.answer(
                !places.isEmpty(),
                q.words().say(type, " goes on filling what was built, by ", List.copyOf(filledBy), ", past the steps."),
                q.words().say(type, " leaves the filling to the steps."),
                places.isEmpty() ? TypeAnalysis.headline(type) : places);
    }

    private boolean changesSomething(Operation o) {
        return reach.from(o).stream().anyMatch(s -> s.fact() instanceof Fact.Write || s.fact() instanceof Fact.Put);
    }

    public Judgement unused(Type product, Query q) {
        boolean built =
                q.operations(0).stream().anyMatch(o -> !reach.everywhere(o).isEmpty());
        List<Evidence> places = new ArrayList<>();
        for (Bodies.ReachedFact s : design.bodies().creationsOf(product)) {
            boolean byBuilder = q.operations(0).stream()
                    .anyMatch(o -> o.owner().equals(s.in().owner()) || design.realises(s.in().owner(), o.owner()));
            if (!byBuilder && !s.in().owner().equals(product.id())) {
                places.add(Judgement.at(s.fact().span(), "made here"));
            }
        }
        return Judgement.answer(
                !built && !places.isEmpty(),
                q.words().say(product, " is made directly, and nothing ever calls ", q.operations(0), "."),
                q.words().say(product, " is not made past its builder only."),
                places);
    }
}
