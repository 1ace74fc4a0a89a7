package hausaufgabe.core.matching;

import hausaufgabe.core.design.Bodies;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Visibility;
import hausaufgabe.core.notation.Pattern;
import hausaufgabe.core.notation.Relation;
import hausaufgabe.core.report.Evidence;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What can be asked of a type by its declaration; what it decides, forwards, keeps or builds is asked elsewhere. */
final class TypeRelations {

    private final Design design;
    private final Reach reach;
    private final OperationRelations operations;
    private final Decisions decisions;
    private final Forwarding forwarding;
    private final DoubleDispatch dispatch;
    private final ToldState told;
    private final OneObject one;
    private final Uses uses;
    private final Products products;
    private final Comparisons comparisons;

    /** @param starter the code that was handed out; null where there was none */
    TypeRelations(Design design, Reach reach, Design starter, OperationRelations operations) {
        this.design = design;
        this.reach = reach;
        this.operations = operations;
        this.decisions = new Decisions(design, reach, this);
        this.forwarding = new Forwarding(design, operations);
        this.dispatch = new DoubleDispatch(design, reach, operations.inertness());
        this.told = new ToldState(design, reach);
        this.one = new OneObject(design);
        this.uses = new Uses(design, reach, this, operations);
        this.products = new Products(design, reach, operations);
        this.comparisons = new Comparisons(design, starter);
    }

    Judgement judge(Type type, Question q) {
        Wording w = q.words();
        List<Evidence> here = headline(type);
        return switch (q.relation()) {
            case PLAYS ->
                Judgement.answer(
                        q.role(0).contains(type),
                        w.say(type, " is one of ", q.role(0), "."),
                        w.say(type, " is none of ", q.role(0), "."),
                        here);
            case SEALED ->
                Judgement.answer(
                        type.flags().isSealed(), w.say(type, " is sealed."), w.say(type, " is not sealed."), here);
            case IS_FINAL ->
                Judgement.answer(
                        type.flags().isFinal(), w.say(type, " is final."), w.say(type, " can be extended."), here);
            case REALISES ->
                Judgement.answer(
                        realises(type, q.role(0)),
                        w.say(type, " realises ", q.role(0), "."),
                        w.say(type, " does not realise ", q.role(0), "."),
                        here);
            case EXTENDS ->
                Judgement.answer(
                        q.role(0).stream().anyMatch(u -> !u.isInterface() && design.realises(type.id(), u.id())),
                        w.say(type, " extends ", q.role(0), "."),
                        w.say(type, " does not extend ", q.role(0), "."),
                        here);
            case PRIVATE_CONSTRUCTORS -> privateConstructors(type, w, here);
            case DEPENDS_ON -> dependsOn(type, q.role(0), q.words());
            case DEPENDS_ON_WORKING ->
                dependsOn(type, q.role(0).stream().filter(this::doesSomething).toList(), q.words());
            case HOLDS -> holds(type, q, false, 1);
            case HOLDS_MANY -> holds(type, q, true, 1);
            case HOLDS_SEVERAL -> holds(type, q, false, 2);
            case STARTS_ONLY ->
                Judgement.answer(
                        onlyStarts(type),
                        w.say(type, " only starts the program."),
                        w.say(type, " does more than start the program."),
                        here);
            case REALISED_BY ->
                Judgement.answer(
                        q.role(0).stream().anyMatch(t -> design.realises(t.id(), type.id())),
                        w.say(q.role(0), " realises ", type, "."),
                        w.say(q.role(0), " does not realise ", type, "."),
                        here);
            case HELD_BY ->
                Judgement.answer(
                        q.role(0).stream().anyMatch(t -> holdsOne(t, type)),
                        w.say(q.role(0), " holds ", type, "."),
                        w.say(q.role(0), " does not hold ", type, "."),
                        here);
            case TAKEN_BY ->
                Judgement.answer(
                        q.role(0).stream()
                                .flatMap(t -> design.methodsOf(t).stream())
                                .anyMatch(o -> o.parameters().stream()
                                        .anyMatch(p -> p.type().type().equals(type.id()))),
                        w.say(q.role(0), " takes ", type, "."),
                        w.say(q.role(0), " does not take ", type, "."),
                        here);
            case CALLS_INTO, MIRRORS, WRAPS, ASKED_BY, GIVEN_AS_NULL, KEEPS_CALLED, DECLARES, TAKES_EACH ->
                uses.judge(type, q);
            case PICKS, ALONE_IN_CHOOSING, ASKS_TYPE, WORKS_BY_TAG, CHOOSES_BY_KEY_OF -> decisions.judge(type, q);
            case ANSWERS_INERTLY, ANSWERS_EMPTILY, ANSWERS_NULL, REFUSES_IN -> answers(type, q);
            case PASSES_ON, FORWARDS, MISFORWARDS -> forwarding.judge(type, q);
            case ACCEPTS, LEAVES_WORK -> dispatch.judge(type, q);
            case TELLS_CHANGES, OPEN_STATE -> told.judge(type, q);
            case GIVES_ITSELF, KEEPS_ITSELF, GIVES_KEPT, MAKES_ITSELF_ONCE, REPLACEABLE, UNGUARDED ->
                one.judge(type, q.relation(), w);
            case IGNORES, BUILDS, STAGE, DIRECTS, SHARES_RESULT, UNUSED -> products.judge(type, q);
            case CREATES_SEVERAL -> operations.created(everythingIn(type), q, 2, type);
            case UNCALLED -> uncalled(type, w);
            case COPIES, UNCHANGED, FEWER_BRANCHES, FEWER_NULL_CHECKS, NO_MORE_LINES -> comparisons.judge(type, q);
            default -> throw new IllegalArgumentException("not said of a type: " + q.relation());
        };
    }

    /** A type is shown by its first line; the whole of it would be too much to read. */
    static List<Evidence> headline(Type type) {
        Span s = type.span();
        if (s == null) {
            return List.of();
        }
        int end = type.isNamed() ? s.line() : s.endLine();
        return List.of(new Evidence(s.file(), s.line(), end, "declared here"));
    }

    Judgement isA(Type type, Pattern.TypeSort sort, Wording w) {
        List<Evidence> here = headline(type);
        if (isOfSort(type, sort)) {
            return Judgement.met(w.say(type, " is " + sort.oneOfIt() + "."), here);
        }
        boolean open = sort == Pattern.TypeSort.ABSTRACTION
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

    boolean isOfSort(Type type, Pattern.TypeSort sort) {
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

    boolean realises(Type type, List<Type> upper) {
        return upper.stream().anyMatch(u -> design.realises(type.id(), u.id()))
                && !(type.origin() == Type.Origin.LAMBDA && reach.handedOver().contains(type.id()));
    }

    /** What a type does for itself: its own and inherited operations, less what only starts the program. */
    List<Operation> ownOperations(Type type, Binding binding) {
        List<Operation> scope = new ArrayList<>();
        Set<String> bound = new LinkedHashSet<>();
        binding.operations().values().forEach(list -> list.forEach(o -> bound.add(o.id())));
        boolean starts = design.operationsOf(type).stream().anyMatch(o -> o.role() == Operation.Role.ENTRY);
        for (Operation o : Members.ofRole(design, type)) {
            boolean works = o.role() != Operation.Role.ENTRY && (!o.isStatic() || bound.contains(o.id()) || !starts);
            if (works) {
                scope.add(o);
            }
        }
        return scope;
    }

    /** Every operation in a type's text, constants with bodies included; its named nested types are others. */
    List<Operation> everythingIn(Type type) {
        List<Operation> all = new ArrayList<>(Members.ofRole(design, type));
        design.realisationsOf(type).stream()
                .filter(t -> t.origin() == Type.Origin.CONSTANT && type.id().equals(t.enclosing()))
                .forEach(t -> all.addAll(design.operationsOf(t)));
        all.removeIf(o -> o.role() == Operation.Role.ENTRY);
        return all;
    }

    private Judgement privateConstructors(Type type, Wording w, List<Evidence> here) {
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

    private Judgement holds(Type type, Question q, boolean many, int least) {
        List<Field> found = Members.fields(design, type).stream()
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
        return Members.fields(design, holder).stream()
                .filter(f -> !f.type().many() && !f.isStatic())
                .anyMatch(f -> design.leadsTo(f.type(), List.of(held)).isYes());
    }

    boolean onlyStarts(Type type) {
        List<Operation> all = design.operationsOf(type);
        return all.stream().anyMatch(o -> o.role() == Operation.Role.ENTRY)
                && all.stream().filter(Operation::isMethod).allMatch(Operation::isStatic)
                && design.fieldsOf(type).stream().allMatch(Field::isStatic);
    }

    private boolean doesSomething(Type type) {
        List<Operation> own =
                design.operationsOf(type).stream().filter(Operation::isMethod).toList();
        return own.isEmpty()
                || own.stream()
                        .anyMatch(
                                o -> operations.inertness().working(o, Set.of()).isPresent());
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
            for (Bodies.Step s : reach.from(o)) {
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

    private static void mention(TypeRef ref, Set<String> wanted, Span span, Set<String> met, List<Evidence> places) {
        if (ref != null) {
            ref.leaves().forEach(l -> mention(l.type(), wanted, span, met, places));
            if (ref.isUnknown()) {
                ref.arguments().forEach(a -> mention(a, wanted, span, met, places));
            }
        }
    }

    private static void mention(String type, Set<String> wanted, Span span, Set<String> met, List<Evidence> places) {
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

    private Judgement answers(Type type, Question q) {
        Inertness inertness = operations.inertness();
        List<Evidence> fitting = new ArrayList<>();
        List<Evidence> others = new ArrayList<>();
        List<Operation> shown = new ArrayList<>();
        List<Operation> hit = new ArrayList<>();
        for (Operation asked : q.operations(0)) {
            Operation o = Members.implementation(design, type, asked);
            if (o == null || o.isAbstract()) {
                continue;
            }
            List<Span> found = switch (q.relation()) {
                case ANSWERS_NULL -> inertness.nulls(o);
                case REFUSES_IN -> inertness.errors(o);
                case ANSWERS_EMPTILY -> inertness.isEmpty(o) ? List.of(o.span()) : List.<Span>of();
                default ->
                    inertness.working(o, Set.of()).isEmpty() && o.span() != null ? List.of(o.span()) : List.<Span>of();
            };
            List<Evidence> into = found.isEmpty() ? others : fitting;
            if (found.isEmpty()) {
                inertness.working(o, Set.of()).ifPresent(s -> others.add(Judgement.at(s, "done here")));
                others.addAll(into == others && others.isEmpty() ? Judgement.places(o.span(), "here") : List.of());
                shown.add(o);
            } else {
                hit.add(o);
                found.forEach(s -> fitting.add(Judgement.at(s, "here")));
            }
        }
        boolean any = q.relation() == Relation.ANSWERS_NULL || q.relation() == Relation.REFUSES_IN;
        String does = switch (q.relation()) {
            case ANSWERS_NULL -> " gives back null.";
            case REFUSES_IN -> " throws.";
            default -> " does nothing.";
        };
        return any
                ? Judgement.answer(
                        !fitting.isEmpty(),
                        q.words().say(hit, " of ", type, does),
                        q.words().say("No operation of ", type, does),
                        fitting)
                : Judgement.answer(
                        shown.isEmpty() && !fitting.isEmpty(),
                        q.words().say(type, does),
                        q.words().say(shown, " of ", type, " does something."),
                        shown.isEmpty() ? fitting : others);
    }

    private Judgement uncalled(Type type, Wording w) {
        List<Operation> missed = design.operationsOf(type).stream()
                .filter(o -> o.isMethod() && o.isAbstract())
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
}
