package hausaufgabe.core.toy;

import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.toy.ToyTree.Condition;
import hausaufgabe.core.toy.ToyTree.Expression;
import hausaufgabe.core.toy.ToyTree.FieldNode;
import hausaufgabe.core.toy.ToyTree.OperationNode;
import hausaufgabe.core.toy.ToyTree.Statement;
import hausaufgabe.core.toy.ToyTree.TypeNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What fields and parameters may hold, by what is put there and asked of it; with abstractions that nobody wrote down. */
final class TypeInference {

    static final TypeRef ANY = TypeRef.of("any", "any");

    /** An abstraction that several types realise without saying so. */
    record Implied(String id, String name, Set<String> operations, List<String> realisedBy) {}

    private final Map<String, TypeNode> types;
    private final Places places = new Places();
    private final Map<String, TypeRef> resolved = new LinkedHashMap<>();
    private final Map<Set<String>, Implied> implied = new LinkedHashMap<>();

    TypeInference(Map<String, TypeNode> types) {
        this.types = types;
        for (TypeNode t : types.values()) {
            for (FieldNode f : t.fields()) {
                if (f.initial() != null) {
                    flow(t, null, f.initial(), fieldPlace(t, f.name()));
                }
            }
            t.operations().stream().filter(o -> o.body() != null).forEach(o -> follow(t, o, o.body()));
        }
        for (String root : places.roots()) {
            resolve(root);
        }
    }

    List<Implied> implied() {
        return List.copyOf(implied.values());
    }

    TypeRef ofField(TypeNode type, String field) {
        return of(fieldPlace(type, field));
    }

    TypeRef ofParameter(TypeNode type, OperationNode o, int index) {
        return of(parameterPlace(
                o.isConstructor() ? type.name() : "", o.name(), o.parameters().size(), index));
    }

    /** Null where it gives nothing back; what has no body gives back what those of its name do. */
    TypeRef ofResult(OperationNode o) {
        boolean returns = o.body() != null
                ? returns(o.body())
                : types.values().stream()
                        .flatMap(t -> t.operations().stream())
                        .filter(x -> x.name().equals(o.name())
                                && x.parameters().size() == o.parameters().size())
                        .anyMatch(x -> returns(x.body()));
        return returns ? of(resultPlace(o.name(), o.parameters().size())) : null;
    }

    private static boolean returns(List<Statement> body) {
        return body != null
                && body.stream()
                        .anyMatch(s -> s instanceof Statement.Return r && r.value() != null
                                || s instanceof Statement.If i && (returns(i.then()) || returns(i.otherwise()))
                                || s instanceof Statement.ForEach f && returns(f.body()));
    }

    private TypeRef of(String place) {
        String root = places.root(place);
        if (places.isContainer(root)) {
            TypeRef content = resolved.getOrDefault(places.root(places.element(root)), ANY);
            return new TypeRef("list", "list of " + content.text(), List.of(content), true, List.of(content));
        }
        return resolved.getOrDefault(root, ANY);
    }

    private void resolve(String root) {
        Set<String> asked = places.asked(root);
        Set<String> held = places.held(root);
        if (asked.isEmpty()) {
            if (held.size() == 1) {
                String only = held.iterator().next();
                resolved.put(root, TypeRef.of(only, only));
            }
            return;
        }
        List<TypeNode> fitting = types.values().stream()
                .filter(t -> signatures(t).containsAll(asked))
                .toList();
        List<TypeNode> declared = fitting.stream()
                .filter(TypeNode::isAbstract)
                .filter(t -> held.stream().allMatch(h -> isBelow(h, t.name())))
                .toList();
        if (!declared.isEmpty()) {
            TypeNode top = declared.get(0);
            resolved.put(root, TypeRef.of(top.name(), top.name()));
            return;
        }
        List<TypeNode> concrete = fitting.stream().filter(t -> !t.isAbstract()).toList();
        if (concrete.size() == 1) {
            String only = concrete.get(0).name();
            resolved.put(root, TypeRef.of(only, only));
        } else if (!concrete.isEmpty()) {
            Implied i = implied.computeIfAbsent(Set.copyOf(asked), a -> {
                String name = "what is asked for "
                        + String.join(", ", a.stream().sorted().toList()).replaceAll("/\\d", "");
                return new Implied(
                        "implied " + a.stream().sorted().toList(),
                        name,
                        new LinkedHashSet<>(asked),
                        concrete.stream().map(TypeNode::name).toList());
            });
            resolved.put(root, TypeRef.of(i.id(), i.name()));
        }
    }

    boolean isBelow(String type, String above) {
        TypeNode t = types.get(type);
        return type.equals(above) || t != null && t.supertypes().stream().anyMatch(s -> isBelow(s, above));
    }

    /** What an object of the type can be asked, inherited operations among it. */
    Set<String> signatures(TypeNode type) {
        Set<String> all = new LinkedHashSet<>();
        type.operations().stream()
                .filter(o -> !o.isConstructor() && !o.isStatic())
                .forEach(o -> all.add(o.name() + "/" + o.parameters().size()));
        type.supertypes().stream().filter(types::containsKey).forEach(s -> all.addAll(signatures(types.get(s))));
        return all;
    }

    // places

    private String fieldPlace(TypeNode type, String field) {
        return "field " + ownerOf(type, field) + "." + field;
    }

    /** The type that declares a field: this one, or one above it. */
    String ownerOf(TypeNode type, String field) {
        if (type.fields().stream().anyMatch(f -> f.name().equals(field))) {
            return type.name();
        }
        return type.supertypes().stream()
                .filter(types::containsKey)
                .map(s -> ownerOf(types.get(s), field))
                .filter(o -> o != null)
                .findFirst()
                .orElse(null);
    }

    /** Operations of one name are one, whoever declares them; constructors are told apart by their type. */
    private static String parameterPlace(String type, String operation, int count, int index) {
        return "parameter " + type + " " + operation + "/" + count + " " + index;
    }

    private static String resultPlace(String operation, int count) {
        return "result " + operation + "/" + count;
    }

    private void follow(TypeNode type, OperationNode o, List<Statement> body) {
        for (Statement s : body) {
            if (s instanceof Statement.Assign a) {
                String to =
                        a.on() == null ? placeOf(type, o, new Expression.Name(a.name())) : fieldPlace(type, a.name());
                flow(type, o, a.value(), to);
            } else if (s instanceof Statement.Return r && r.value() != null) {
                flow(type, o, r.value(), resultPlace(o.name(), o.parameters().size()));
            } else if (s instanceof Statement.Add a) {
                flow(type, o, a.value(), places.element(placeOf(type, o, a.container())));
            } else if (s instanceof Statement.Remove r) {
                flow(type, o, r.value(), places.element(placeOf(type, o, r.container())));
            } else if (s instanceof Statement.ForEach f) {
                flow(type, o, f.container(), null);
                places.unite(local(type, o, f.variable()), places.element(placeOf(type, o, f.container())));
                follow(type, o, f.body());
            } else if (s instanceof Statement.If i) {
                flow(type, o, subject(i.condition()), null);
                follow(type, o, i.then());
                follow(type, o, i.otherwise());
            } else if (s instanceof Statement.Do d) {
                flow(type, o, d.call(), null);
            } else if (s instanceof Statement.Print p) {
                flow(type, o, p.value(), null);
            }
        }
    }

    private static Expression subject(Condition c) {
        if (c instanceof Condition.IsNone n) {
            return n.subject();
        } else if (c instanceof Condition.IsA a) {
            return a.subject();
        }
        return c instanceof Condition.Equals e ? e.subject() : ((Condition.Truth) c).subject();
    }

    private static String local(TypeNode type, OperationNode o, String name) {
        return "local " + type.name() + "." + o.name() + "/" + o.parameters().size() + " " + name;
    }

    /** Null for what stands nowhere, such as a number. */
    private String placeOf(TypeNode type, OperationNode o, Expression e) {
        if (e instanceof Expression.Name n) {
            int index = o == null ? -1 : o.parameters().indexOf(n.name());
            if (index >= 0) {
                return parameterPlace(
                        o.isConstructor() ? type.name() : "",
                        o.name(),
                        o.parameters().size(),
                        index);
            }
            return ownerOf(type, n.name()) != null ? fieldPlace(type, n.name()) : local(type, o, n.name());
        } else if (e instanceof Expression.Member m) {
            return m.on() instanceof Expression.Name n && types.containsKey(n.name())
                    ? fieldPlace(types.get(n.name()), m.name())
                    : fieldPlace(type, m.name());
        } else if (e instanceof Expression.Call c) {
            return resultPlace(c.name(), c.arguments().size());
        }
        return null;
    }

    /** @param to where the value goes; null for nowhere */
    private void flow(TypeNode type, OperationNode o, Expression e, String to) {
        if (e instanceof Expression.New n) {
            if (to != null) {
                places.held(to).add(n.type());
            }
            for (int i = 0; i < n.arguments().size(); i++) {
                flow(
                        type,
                        o,
                        n.arguments().get(i),
                        parameterPlace(n.type(), "new", n.arguments().size(), i));
            }
            return;
        } else if (e instanceof Expression.Call c) {
            for (int i = 0; i < c.arguments().size(); i++) {
                flow(
                        type,
                        o,
                        c.arguments().get(i),
                        parameterPlace("", c.name(), c.arguments().size(), i));
            }
            boolean onType = c.on() instanceof Expression.Name n && types.containsKey(n.name());
            if (c.on() != null && !(c.on() instanceof Expression.Self) && !onType) {
                flow(type, o, c.on(), null);
                String on = placeOf(type, o, c.on());
                if (on != null) {
                    places.asked(on).add(c.name() + "/" + c.arguments().size());
                }
            }
        } else if (e instanceof Expression.Binary b) {
            flow(type, o, b.left(), null);
            flow(type, o, b.right(), null);
            return;
        } else if (e instanceof Expression.EmptyList && to != null) {
            places.element(to);
            return;
        } else if (e instanceof Expression.Self && to != null) {
            places.held(to).add(type.name());
            return;
        }
        String from = placeOf(type, o, e);
        if (from != null && to != null) {
            places.unite(to, from);
        }
    }

    List<String> realisedImplied(TypeNode type) {
        List<String> all = new ArrayList<>();
        implied().stream().filter(i -> i.realisedBy().contains(type.name())).forEach(i -> all.add(i.id()));
        return all;
    }
}
