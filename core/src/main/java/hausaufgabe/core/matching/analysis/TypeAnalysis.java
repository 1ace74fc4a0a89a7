package hausaufgabe.core.matching.analysis;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.design.Visibility;
import hausaufgabe.core.matching.judgement.Binding;
import hausaufgabe.core.matching.judgement.Judgement;
import hausaufgabe.core.matching.judgement.Query;
import hausaufgabe.core.matching.judgement.Wording;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.report.Evidence;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** What can be asked of a type by its declaration; what it decides, forwards, keeps or builds is asked elsewhere. */
public final class TypeAnalysis {

    private final Design design;
    private final CallReach reach;
    private final EffectAnalysis effects;

    public TypeAnalysis(Design design, CallReach reach, EffectAnalysis effects) {
        this.design = design;
        this.reach = reach;
        this.effects = effects;
    }

    public Judgement plays(Type type, Query q) {
        return Judgement.answer(
                q.role(0).contains(type),
                q.words().say(type, " is one of ", q.role(0), "."),
                q.words().say(type, " is none of ", q.role(0), "."),
                headline(type));
    }

    public Judgement isSealed(Type type, Query q) {
        return Judgement.answer(
                type.flags().isSealed(),
                q.words().say(type, " is sealed."),
                q.words().say(type, " is not sealed."),
                headline(type));
    }

    public Judgement isOfLibrary(Type type, Query q) {
        return Judgement.answer(
                !type.isOwn(),
                q.words().say(type, " comes with the language."),
                q.words().say(type, " is of the program itself."),
                headline(type));
    }

    public Judgement isFinal(Type type, Query q) {
        return Judgement.answer(
                type.flags().isFinal(),
                q.words().say(type, " is final."),
                q.words().say(type, " can be extended."),
                headline(type));
    }

    public Judgement realises(Type type, Query q) {
        return Judgement.answer(
                realises(type, q.role(0)),
                q.words().say(type, " realises ", q.role(0), "."),
                q.words().say(type, " does not realise ", q.role(0), "."),
                headline(type));
    }

    public Judgement inherits(Type type, Query q) {
        return Judgement.answer(
                q.role(0).stream().anyMatch(u -> !u.isInterface() && design.realises(type.id(), u.id())),
                q.words().say(type, " extends ", q.role(0), "."),
                q.words().say(type, " does not extend ", q.role(0), "."),
                headline(type));
    }

    public Judgement dependsOn(Type type, Query q) {
        return dependsOn(type, q.role(0), q.words());
    }

    public Judgement dependsOnWorking(Type type, Query q) {
        return dependsOn(type, q.role(0).stream().filter(this::doesSomething).toList(), q.words());
    }

    public Judgement onlyStarts(Type type, Query q) {
        return Judgement.answer(
                onlyStarts(type),
                q.words().say(type, " only starts the program."),
                q.words().say(type, " does more than start the program."),
                headline(type));
    }

    public Judgement isRealised(Type type, Query q) {
        return Judgement.answer(
                q.role(0).stream().anyMatch(t -> design.realises(t.id(), type.id())),
                q.words().say(q.role(0), " realises ", type, "."),
                q.words().say(q.role(0), " does not realise ", type, "."),
                headline(type));
    }

    public Judgement isHeld(Type type, Query q) {
        return Judgement.answer(
                q.role(0).stream().anyMatch(t -> holdsOne(t, type)),
                q.words().say(q.role(0), " holds ", type, "."),
                q.words().say(q.role(0), " does not hold ", type, "."),
                headline(type));
    }

    public Judgement isTaken(Type type, Query q) {
        return Judgement.answer(
                q.role(0).stream()
                        .flatMap(t -> design.methodsOf(t).stream())
                        .anyMatch(o -> o.parameters().stream()
                                .anyMatch(p -> p.type().type().equals(type.id()))),
                q.words().say(q.role(0), " takes ", type, "."),
                q.words().say(q.role(0), " does not take ", type, "."),
                headline(type));
    }

    /** A type is shown by its first line; the whole of it would be too much to read. */
    public static List<Evidence> headline(Type type) {
        Span s = type.span();
        if (s == null) {
            return List.of();
        }
        int end = type.isNamed() ? s.line() : s.endLine();
        return List.of(new Evidence(s.file(), s.line(), end, "declared here"));
    }

    public Judgement isA(Type type, DesignPattern.TypeSort sort, Wording w) {
        List<Evidence> here = headline(type);
        if (isOfSort(type, sort)) {
            return Judgement.met(w.say(type, " is " + sort.oneOfIt() + "."), here);
        }
        boolean open = sort == DesignPattern.TypeSort.ABSTRACTION
                && type.kind() == Type.Kind.CLASS
                && !design.realisationsOf(type).isEmpty();
        if (open) {
            return Judgement.unclear(
                    w.say(
                            type,
                            " is a class that can be used as it is; others extend it. Is it meant as the common type?"),
                    here);
        }
        return Judgement.unmet(w.say(type, " is not " + sort.oneOfIt() + "."), here);
    }

    public boolean isOfSort(Type type, DesignPattern.TypeSort sort) {
        return switch (sort) {
            case TYPE -> true;
            case CLASS -> type.origin() == Type.Origin.DECLARED && !type.isInterface();
            case ABSTRACTION -> design.isAbstraction(type);
            case CONCRETE_TYPE -> type.isOwn() && design.isConcrete(type);
            case INTERFACE -> type.isInterface();
            case ABSTRACT_CLASS -> type.kind() == Type.Kind.ABSTRACT_CLASS;
            case FUNCTION_TYPE -> type.kind() == Type.Kind.FUNCTION_TYPE;
            case ENUM -> type.kind() == Type.Kind.ENUM;
            case RECORD -> type.kind() == Type.Kind.RECORD;
        };
    }

    private boolean realises(Type type, List<Type> upper) {
        return upper.stream().anyMatch(u -> design.realises(type.id(), u.id()))
                && !(type.origin() == Type.Origin.LAMBDA && reach.handedOver().contains(type.id()));
    }

    /** What a type does for itself: its own and inherited operations, less what only starts the program. */
    public List<Operation> ownOperations(Type type, Binding binding) {
        List<Operation> scope = new ArrayList<>();
        Set<String> bound = new LinkedHashSet<>();
        binding.operations().values().forEach(list -> list.forEach(o -> bound.add(o.id())));
        boolean starts = design.operationsOf(type).stream().anyMatch(o -> o.role() == Operation.Role.ENTRY);
        for (Operation o : RoleMembers.ofRole(design, type)) {
            boolean works = o.role() != Operation.Role.ENTRY && (!o.isStatic() || bound.contains(o.id()) || !starts);
            if (works) {
                scope.add(o);
            }
        }
        return scope;
    }

    /** Every operation in a type's text, constants with bodies included; its named nested types are others. */
    public List<Operation> everythingIn(Type type) {
        List<Operation> all = new ArrayList<>(RoleMembers.ofRole(design, type));
        design.realisationsOf(type).stream()
                .filter(t -> t.origin() == Type.Origin.CONSTANT && type.id().equals(t.enclosing()))
                .forEach(t -> all.addAll(design.operationsOf(t)));
        all.removeIf(o -> o.role() == Operation.Role.ENTRY);
        return all;
    }

    public Judgement privateConstructors(Type type, Query q) {
        Wording w = q.words();
        List<Evidence> here = headline(type);
        List<Operation> constructors = design.operationsOf(type).stream()
                .filter(Operation::isConstructor)
                .toList();
        if (type.kind() == Type.Kind.ENUM) {
            return Judgement.met(w.say("Nobody can make another ", type, ": it is an enum."), here);
        }
        List<Operation> open = constructors.stream()
                .filter(c -> c.visibility() != Visibility.PRIVATE)
                .toList();
        if (constructors.isEmpty() || open.stream().anyMatch(c -> c.traits().contains(Operation.Trait.IMPLICIT))) {
            return type.kind() == Type.Kind.ABSTRACT_CLASS || type.isInterface()
                    ? Judgement.met(w.say("Nobody can make ", type, " itself."), here)
                    : Judgement.unmet(
                            w.say(type, " has no constructor of its own, so anybody can make one with 'new'."), here);
        }
        if (open.isEmpty()) {
            return Judgement.met(w.say("Only ", type, " itself can make one."), places(constructors));
        }
        List<Evidence> heirs = design.realisationsOf(type).stream()
                .filter(design::isConcrete)
                .flatMap(t -> design.bodies().creationsOf(t).stream())
                .map(s -> Judgement.at(s.fact().span(), "made here"))
                .toList();
        boolean itself = !design.bodies().creationsOf(type).isEmpty();
        if (itself && !heirs.isEmpty()) {
            return Judgement.unmet(
                    w.say("An heir of ", type, " is made beside it: there are two, whoever asks for which."), heirs);
        }
        boolean forHeirs = open.stream().allMatch(c -> c.visibility() == Visibility.PROTECTED);
        return forHeirs
                ? Judgement.unclear(
                        w.say("The constructor is protected: classes of the same package and heirs can make more."),
                        places(open))
                : Judgement.unmet(w.say("Others can call the constructor and make more of them."), places(open));
    }

    private static List<Evidence> places(List<Operation> all) {
        return all.stream()
                .flatMap(o -> Judgement.places(o.span(), "declared here").stream())
                .toList();
    }

    /**
     * @param many whether a field must be able to hold many
     * @param least how many fields there must be
     */
    public Judgement holds(Type type, Query q, boolean many, int least) {
        List<Field> found = RoleMembers.fields(design, type).stream()
                .filter(f -> design.leadsTo(f.type(), q.role(0)).isYes())
                .filter(f -> !many || f.type().many())
                .filter(f -> least < 2 || !f.type().many() && !f.isStatic())
                .toList();
        List<Evidence> here = found.stream()
                .flatMap(f -> Judgement.places(f.span(), "declared here").stream())
                .toList();
        return Judgement.answer(
                found.size() >= least,
                q.words().say(type, " keeps ", q.role(0), " in ", found, "."),
                q.words().say(type, " keeps no ", q.role(0), "."),
                here.isEmpty() ? headline(type) : here);
    }

    private boolean holdsOne(Type holder, Type held) {
        return RoleMembers.fields(design, holder).stream()
                .filter(f -> !f.type().many() && !f.isStatic())
                .anyMatch(f -> design.leadsTo(f.type(), List.of(held)).isYes());
    }

    private boolean onlyStarts(Type type) {
        List<Operation> all = design.operationsOf(type);
        return all.stream().anyMatch(o -> o.role() == Operation.Role.ENTRY)
                && all.stream().filter(Operation::isMethod).allMatch(Operation::isStatic)
                && design.fieldsOf(type).stream().allMatch(Field::isStatic);
    }

    private boolean doesSomething(Type type) {
        List<Operation> own =
                design.operationsOf(type).stream().filter(Operation::isMethod).toList();
        return own.isEmpty()
                || own.stream().anyMatch(o -> effects.working(o, Set.of()).isPresent());
    }

    private Judgement dependsOn(Type type, List<Type> role, Wording w) {
        Set<String> wanted = new LinkedHashSet<>();
        role.stream().filter(t -> !t.equals(type)).forEach(t -> wanted.add(t.id()));
        List<Evidence> places = new ArrayList<>();
        Set<String> met = new LinkedHashSet<>();
        for (Field f : design.fieldsOf(type)) {
            mention(f.type(), wanted, f.span(), met, places);
        }
        for (Operation o : everythingIn(type)) {
            if (!o.owner().equals(type.id())
                    && design.type(o.owner()).filter(Type::isNamed).isPresent()) {
                continue;
            }
            o.parameters().forEach(p -> mention(p.type(), wanted, o.span(), met, places));
            mention(o.result(), wanted, o.span(), met, places);
            for (Bodies.ReachedFact s : reach.from(o)) {
                mention(s.fact(), wanted, met, places);
            }
        }
        List<Type> which = role.stream().filter(t -> met.contains(t.id())).toList();
        return Judgement.answer(
                !places.isEmpty(),
                w.say(type, " names ", which, "."),
                w.say(type, " names none of ", role, "."),
                places.stream().distinct().toList());
    }

    private static void mention(
            @Nullable TypeRef ref, Set<String> wanted, @Nullable Span span, Set<String> met, List<Evidence> places) {
        if (ref != null) {
            ref.leaves().forEach(l -> mention(l.type(), wanted, span, met, places));
            if (ref.isUnknown()) {
                ref.arguments().forEach(a -> mention(a, wanted, span, met, places));
            }
        }
    }

    private static void mention(
            String type, Set<String> wanted, @Nullable Span span, Set<String> met, List<Evidence> places) {
        if (span != null && wanted.contains(type)) {
            met.add(type);
            places.add(new Evidence(span.file(), span.line(), span.line(), "named here"));
        }
    }

    private void mention(Fact f, Set<String> wanted, Set<String> met, List<Evidence> places) {
        if (f instanceof Fact.Create c) {
            boolean named = design.type(c.type()).map(Type::isNamed).orElse(false);
            mention(named ? c.type() : "", wanted, c.span(), met, places);
        } else if (f instanceof Fact.Call c && c.operation() != null) {
            design.operation(c.operation()).ifPresent(o -> mention(o.owner(), wanted, c.span(), met, places));
        } else if (f instanceof Fact.Branch b && b.on() == Fact.Question.TYPE && b.type() != null) {
            mention(b.type(), wanted, b.span(), met, places);
        } else if (f instanceof Fact.Read r) {
            design.field(r.field())
                    .filter(Field::isStatic)
                    .ifPresent(x -> mention(x.owner(), wanted, r.span(), met, places));
        }
    }

    public Judgement answersInertly(Type type, Query q) {
        return everyAnswer(
                type,
                q,
                o -> effects.working(o, Set.of()).isEmpty() && o.span() != null ? List.of(o.span()) : List.of());
    }

    /** Whether its constructors have others of the program do something, and what is asked about then does nothing. */
    public Judgement worksWhenMade(Type type, Query q) {
        List<Operation> bodies = bodiesOf(type, q.operations(0));
        boolean idle = !bodies.isEmpty() && bodies.stream().allMatch(o -> effects.isInert(o, Set.of()));
        List<Evidence> places = new ArrayList<>();
        for (Operation o : idle ? design.operationsOf(type) : List.<Operation>of()) {
            for (Fact f : o.isMethod() ? List.<Fact>of() : o.body()) {
                boolean works = f instanceof Fact.Call c
                        && !(c.receiver() instanceof Value.Self)
                        && design.operation(c.operation())
                                .filter(called -> !called.owner().equals(type.id()))
                                .filter(called -> reach.from(called).stream()
                                        .anyMatch(s -> s.fact() instanceof Fact.Write || s.fact() instanceof Fact.Put))
                                .isPresent();
                if (works) {
                    places.add(Judgement.at(f.span(), "done here already"));
                }
            }
        }
        return Judgement.answer(
                !places.isEmpty(),
                q.words().say(type, " has its work done as soon as it is made; ", bodies, " does nothing more."),
                q.words().say(type, " does nothing of it when it is made."),
                places.isEmpty() ? headline(type) : places);
    }

    public Judgement answersEmptily(Type type, Query q) {
        return everyAnswer(type, q, o -> effects.isEmpty(o) ? List.of(o.span()) : List.of());
    }

    public Judgement answersNull(Type type, Query q) {
        return someAnswer(type, q, effects::nulls, " gives back null.");
    }

    public Judgement refusesIn(Type type, Query q) {
        return someAnswer(type, q, effects::errors, " throws.");
    }

    /** The bodies with which the type answers the operations asked about. */
    private List<Operation> bodiesOf(Type type, List<Operation> asked) {
        return asked.stream()
                .map(o -> RoleMembers.implementation(design, type, o))
                .filter(o -> o != null && !o.isAbstract())
                .toList();
    }

    /** @param places where in a body it is so; none where it is not */
    private Judgement someAnswer(Type type, Query q, Function<Operation, List<Span>> places, String does) {
        List<Evidence> found = new ArrayList<>();
        List<Operation> hit = new ArrayList<>();
        for (Operation o : bodiesOf(type, q.operations(0))) {
            List<Span> here = places.apply(o);
            here.forEach(s -> found.add(Judgement.at(s, "here")));
            if (!here.isEmpty()) {
                hit.add(o);
            }
        }
        return Judgement.answer(
                !found.isEmpty(),
                q.words().say(hit, " of ", type, does),
                q.words().say("No operation of ", type, does),
                found);
    }

    private Judgement everyAnswer(Type type, Query q, Function<Operation, List<Span>> places) {
        List<Evidence> found = new ArrayList<>();
        List<Evidence> others = new ArrayList<>();
        List<Operation> working = new ArrayList<>();
        for (Operation o : bodiesOf(type, q.operations(0))) {
            List<Span> here = places.apply(o);
            here.forEach(s -> found.add(Judgement.at(s, "here")));
            if (here.isEmpty()) {
                effects.working(o, Set.of()).ifPresent(s -> others.add(Judgement.at(s, "done here")));
                if (others.isEmpty()) {
                    others.addAll(Judgement.places(o.span(), "here"));
                }
                working.add(o);
            }
        }
        return Judgement.answer(
                working.isEmpty() && !found.isEmpty(),
                q.words().say(type, " does nothing."),
                q.words().say(working, " of ", type, " does something."),
                working.isEmpty() ? found : others);
    }

    /** One that looks like a version of what it inherits, takes something else, and so is never called. */
    public Judgement overloadsInVain(Type type, Query q) {
        for (Operation o : design.operationsOf(type)) {
            boolean alike = o.isMethod()
                    && !o.isStatic()
                    && o.overrides().isEmpty()
                    && q.operations(0).stream()
                            .anyMatch(h -> !h.equals(o)
                                    && h.name().equals(o.name())
                                    // an operation for others may be called from where nobody has handed in
                                    && (h.parameters().size() == o.parameters().size()
                                            || o.visibility() != Visibility.PUBLIC));
            if (alike && reach.everywhere(o).isEmpty()) {
                return Judgement.met(
                        q.words()
                                .say(
                                        o,
                                        " of ",
                                        type,
                                        " takes something else than what it is named after, and nobody calls it."),
                        Judgement.places(o.span(), "declared here"));
            }
        }
        return Judgement.unmet(
                q.words().say(type, " adds no operation that only looks like one of them."), headline(type));
    }

    public Judgement uncalled(Type type, Query q) {
        Wording w = q.words();
        List<Operation> missed = design.operationsOf(type).stream()
                .filter(o -> o.isMethod() && (o.isAbstract() || isStep(o)))
                .filter(o -> reach.everywhere(o).isEmpty())
                .toList();
        return Judgement.answer(
                !missed.isEmpty(),
                w.say(
                        missed,
                        missed.size() == 1
                                ? " is declared for subclasses, but nothing calls it."
                                : " are declared for subclasses, but nothing calls them."),
                w.say("All that ", type, " leaves to others is called."),
                places(missed));
    }

    /** Whether subclasses fill it in and only those of the family can call it; what the library declares the library calls. */
    private boolean isStep(Operation o) {
        return o.visibility() == Visibility.PROTECTED
                && o.overrides().isEmpty()
                && !design.overridersOf(o).isEmpty();
    }
}
