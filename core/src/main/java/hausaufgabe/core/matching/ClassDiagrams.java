package hausaufgabe.core.matching;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Visibility;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.report.ClassDiagram;
import hausaufgabe.core.report.ClassDiagram.Classifier;
import hausaufgabe.core.report.ClassDiagram.Feature;
import hausaufgabe.core.report.ClassDiagram.Kind;
import hausaufgabe.core.report.ClassDiagram.Relationship;
import hausaufgabe.core.report.Evidence;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Draws a design as a UML class diagram, with the roles that were found in it and what of the pattern is not there. */
public final class ClassDiagrams {

    /** How many types a diagram holds. */
    private static final int MOST_TYPES = 150;
    /** How many lines a compartment holds, those of members first. */
    private static final int MOST_FEATURES = 12;

    private final Design design;
    private final List<DesignPattern> patterns;
    private final List<Match> matches;
    private final Map<String, Set<String>> roles = new LinkedHashMap<>();
    private final Map<String, String> members = new LinkedHashMap<>();

    private ClassDiagrams(Design design, List<DesignPattern> patterns, List<Match> matches) {
        this.design = design;
        this.patterns = patterns;
        this.matches = matches;
        for (Match m : matches) {
            m.binding()
                    .roles()
                    .forEach((role, types) ->
                            types.forEach(t -> roles.computeIfAbsent(t.id(), k -> new LinkedHashSet<>())
                                    .add(role)));
            m.binding().operations().forEach((name, all) -> all.forEach(o -> members.putIfAbsent(o.id(), name)));
            m.binding().fields().forEach((name, all) -> all.forEach(f -> members.putIfAbsent(f.id(), name)));
        }
    }

    /** @param matches one for each of the patterns, in their order */
    public static ClassDiagram of(Design design, List<DesignPattern> patterns, List<Match> matches) {
        return new ClassDiagrams(design, patterns, matches).drawn();
    }

    private ClassDiagram drawn() {
        List<Type> all = design.types().stream().filter(this::isDrawn).toList();
        Map<String, Relationship> between = new LinkedHashMap<>();
        Set<String> ids = all.stream().map(Type::id).collect(Collectors.toSet());
        all.forEach(t -> relationships(t, ids, between));
        Set<String> near = new HashSet<>();
        between.values().forEach(r -> {
            if (roles.containsKey(r.from()) || roles.containsKey(r.to())) {
                near.add(r.from());
                near.add(r.to());
            }
        });
        List<Type> shown = all.stream()
                .sorted(Comparator.comparingInt(
                                (Type t) -> roles.containsKey(t.id()) ? 0 : near.contains(t.id()) ? 1 : 2)
                        .thenComparingInt(design::place))
                .limit(MOST_TYPES)
                .toList();
        List<Classifier> classifiers = new ArrayList<>();
        shown.forEach(t -> classifiers.add(classifier(t)));
        List<Relationship> relationships = new ArrayList<>();
        Set<String> there = shown.stream().map(Type::id).collect(Collectors.toSet());
        between.values().stream()
                .filter(r -> there.contains(r.from()) && there.contains(r.to()))
                .forEach(relationships::add);
        for (int i = 0; i < patterns.size(); i++) {
            gaps(patterns.get(i), matches.get(i), classifiers, relationships);
        }
        return new ClassDiagram(
                List.copyOf(classifiers), List.copyOf(relationships), Math.max(0, all.size() - MOST_TYPES));
    }

    /** What has no name, or is a library's, is drawn where it plays a role. */
    private boolean isDrawn(Type t) {
        return roles.containsKey(t.id()) || t.isOwn() && t.isNamed();
    }

    private Classifier classifier(Type t) {
        boolean plays = roles.containsKey(t.id());
        List<Feature> attributes = new ArrayList<>();
        List<Feature> operations = new ArrayList<>();
        t.constants().stream()
                .limit(plays ? MOST_FEATURES : 0)
                .forEach(c -> attributes.add(new Feature(c, false, false, null)));
        if (t.isOwn()) {
            first(design.fieldsOf(t), Field::id, f -> !f.isConstant() && plays)
                    .forEach(f -> attributes.add(feature(f)));
            first(
                            design.operationsOf(t),
                            Operation::id,
                            o -> plays
                                    && o.isMethod()
                                    && !o.traits().contains(Operation.Trait.IMPLICIT)
                                    && o.visibility() != Visibility.PRIVATE)
                    .forEach(o -> operations.add(feature(o)));
        }
        return new Classifier(
                t.id(),
                t.origin() == Type.Origin.LAMBDA ? "" : t.name(),
                keyword(t),
                t.kind() == Type.Kind.ABSTRACT_CLASS,
                List.copyOf(roles.getOrDefault(t.id(), Set.of())),
                attributes,
                operations,
                place(t));
    }

    private static @Nullable String keyword(Type t) {
        if (t.origin() == Type.Origin.LAMBDA) {
            return "function";
        }
        return switch (t.kind()) {
            case INTERFACE, FUNCTION_TYPE -> "interface";
            case ENUM -> "enumeration";
            case RECORD -> "record";
            default -> t.origin() == Type.Origin.IMPLIED ? "implied" : null;
        };
    }

    private static @Nullable Evidence place(Type t) {
        Span s = t.span();
        return s == null ? null : new Evidence(s.file(), s.line(), s.endLine(), t.name());
    }

    /** As many as a compartment holds: the pattern's members, then those that pass, in the order of the text. */
    private <T> List<T> first(
            List<T> all, java.util.function.Function<T, String> id, java.util.function.Predicate<T> passes) {
        Set<T> taken = Stream.concat(
                        all.stream().filter(x -> members.containsKey(id.apply(x))),
                        all.stream().filter(passes))
                .distinct()
                .limit(MOST_FEATURES)
                .collect(Collectors.toSet());
        return all.stream().filter(taken::contains).toList();
    }

    private Feature feature(Field f) {
        return new Feature(
                mark(f.visibility()) + " " + f.name() + " : " + f.type().text(),
                false,
                f.isStatic(),
                members.get(f.id()));
    }

    private Feature feature(Operation o) {
        String parameters = o.parameters().stream().map(p -> p.type().text()).collect(Collectors.joining(", "));
        TypeRef result = o.result();
        String gives =
                result == null || result.text().isEmpty() || result.text().equals("void") ? "" : " : " + result.text();
        return new Feature(
                mark(o.visibility()) + " " + o.name() + "(" + parameters + ")" + gives,
                o.isAbstract(),
                o.isStatic(),
                members.get(o.id()));
    }

    private static String mark(Visibility visibility) {
        return switch (visibility) {
            case PUBLIC -> "+";
            case PROTECTED -> "#";
            case PACKAGE -> "~";
            case PRIVATE -> "-";
        };
    }

    private void relationships(Type t, Set<String> drawn, Map<String, Relationship> between) {
        for (TypeRef up : t.supertypes()) {
            boolean realises = design.type(up.type()).map(Type::isInterface).orElse(false) && !t.isInterface();
            Kind kind = realises ? Kind.REALISATION : Kind.GENERALISATION;
            add(between, drawn, new Relationship(t.id(), up.type(), kind, null, null, false));
        }
        for (Type part : insides(t)) {
            for (Field f : design.fieldsOf(part)) {
                if (!f.isConstant()) {
                    associations(t, f, drawn, between);
                }
            }
        }
        Set<String> made = new LinkedHashSet<>();
        Set<String> used = new LinkedHashSet<>();
        for (Type part : insides(t)) {
            for (Operation o : design.operationsOf(part)) {
                o.parameters().forEach(p -> mentioned(p.type(), used));
                mentioned(o.result(), used);
                for (Fact f : o.body()) {
                    if (f instanceof Fact.Create c) {
                        made.add(c.type());
                    } else if (f instanceof Fact.Call c) {
                        design.operation(c.operation()).ifPresent(x -> used.add(x.owner()));
                    }
                }
            }
        }
        made.forEach(m -> add(between, drawn, new Relationship(t.id(), m, Kind.DEPENDENCY, null, "create", false)));
        used.forEach(u -> add(between, drawn, new Relationship(t.id(), u, Kind.DEPENDENCY, null, null, false)));
    }

    private void associations(Type t, Field f, Set<String> drawn, Map<String, Relationship> between) {
        String multiplicity = f.type().many() ? "*" : f.isFinal() ? "1" : "0..1";
        for (TypeRef leaf : f.type().leaves()) {
            add(between, drawn, new Relationship(t.id(), leaf.type(), Kind.ASSOCIATION, multiplicity, f.name(), false));
        }
    }

    private static void mentioned(@Nullable TypeRef ref, Set<String> used) {
        if (ref != null) {
            ref.leaves().forEach(l -> used.add(l.type()));
        }
    }

    /** The type and what stands in it without a name, which is as if it stood in the type itself. */
    private List<Type> insides(Type t) {
        return design.nestedIn(t).stream()
                .filter(n -> n.equals(t) || !n.isNamed() && !roles.containsKey(n.id()))
                .toList();
    }

    /** The first of its kind for a pair stays; a dependency only where there is nothing else. */
    private static void add(Map<String, Relationship> between, Set<String> drawn, Relationship r) {
        if (!drawn.contains(r.from())
                || !drawn.contains(r.to())
                || r.kind() != Kind.ASSOCIATION && r.from().equals(r.to())) {
            return;
        }
        String pair = r.from() + ">" + r.to();
        boolean known = Stream.of(Kind.values()).anyMatch(k -> between.containsKey(pair + k));
        if (r.kind() != Kind.DEPENDENCY || !known) {
            between.putIfAbsent(pair + r.kind(), r);
        }
    }

    /** What the pattern asks for between its roles, is not there, and is missed by a requirement that speaks of both. */
    private void gaps(
            DesignPattern pattern, Match match, List<Classifier> classifiers, List<Relationship> relationships) {
        boolean found = match.binding().roles().values().stream().anyMatch(l -> !l.isEmpty());
        if (!found) {
            return;
        }
        Set<String> unmet = match.findings().stream()
                .filter(f -> f.status() == Status.UNMET || f.status() == Status.PARTLY)
                .map(Finding::id)
                .collect(Collectors.toSet());
        List<Set<String>> missed = pattern.requirementsOf(match.form()).stream()
                .filter(r -> unmet.contains(r.id()))
                .map(r -> spokenOf(pattern, r))
                .toList();
        for (RoleRelation r : RoleRelation.of(pattern)) {
            if (missed.stream().anyMatch(m -> m.contains(r.from()) && m.contains(r.to()))) {
                gap(pattern, match, r, classifiers, relationships);
            }
        }
    }

    private void gap(
            DesignPattern pattern,
            Match match,
            RoleRelation r,
            List<Classifier> classifiers,
            List<Relationship> relationships) {
        List<String> from = players(pattern, match, r.from(), classifiers);
        List<String> to = players(pattern, match, r.to(), classifiers);
        boolean there = relationships.stream()
                .anyMatch(x -> !x.isMissing()
                        && (x.kind() == Kind.ASSOCIATION) == (r.kind() == RoleRelation.Kind.ASSOCIATION)
                        && x.kind() != Kind.DEPENDENCY
                        && from.contains(x.from())
                        && to.contains(x.to()));
        if (!there && !from.isEmpty() && !to.isEmpty() && !from.equals(to)) {
            Kind kind = r.kind() == RoleRelation.Kind.ASSOCIATION ? Kind.ASSOCIATION : Kind.REALISATION;
            relationships.add(new Relationship(from.get(0), to.get(0), kind, null, null, true));
        }
    }

    /** Ids of the classifiers that play a role; where nobody does and somebody must, an empty place for it is drawn. */
    private static List<String> players(DesignPattern pattern, Match match, String role, List<Classifier> classifiers) {
        List<Type> types = match.binding().types(role);
        if (!types.isEmpty()) {
            return types.stream().map(Type::id).toList();
        }
        DesignPattern.Role asked = pattern.role(role).orElse(null);
        if (asked == null || asked.optional()) {
            return List.of();
        }
        String id = "role:" + role;
        if (classifiers.stream().noneMatch(c -> c.id().equals(id))) {
            classifiers.add(new Classifier(id, "", null, false, List.of(role), List.of(), List.of(), null));
        }
        return List.of(id);
    }

    /** The roles that a requirement speaks of, itself or by their members. */
    private static Set<String> spokenOf(DesignPattern pattern, DesignPattern.Requirement r) {
        return r.conditions().stream()
                .flatMap(c -> Stream.concat(Stream.of(c.subject()), c.predicate().mentions().stream()))
                .flatMap(name ->
                        Stream.concat(Stream.of(name), pattern.member(name).map(DesignPattern.Member::owner).stream()))
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
    }
}
