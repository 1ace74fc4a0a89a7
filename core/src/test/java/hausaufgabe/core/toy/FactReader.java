package hausaufgabe.core.toy;

import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.toy.ToyTree.Condition;
import hausaufgabe.core.toy.ToyTree.Expression;
import hausaufgabe.core.toy.ToyTree.FieldNode;
import hausaufgabe.core.toy.ToyTree.OperationNode;
import hausaufgabe.core.toy.ToyTree.Statement;
import hausaufgabe.core.toy.ToyTree.TypeNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What bodies do. Operations are resolved by name and number of parameters. */
final class FactReader {

    private final Map<String, TypeNode> types;
    private final TypeInference inference;
    private final TypeNode type;
    private Map<String, Value> locals = new HashMap<>();
    private List<Fact> facts = new ArrayList<>();
    private OperationNode operation;
    private Span here;

    FactReader(Map<String, TypeNode> types, TypeInference inference, TypeNode type) {
        this.types = types;
        this.inference = inference;
        this.type = type;
    }

    static String id(String type, String operation, int parameters) {
        return type + "#" + operation + "(" + "?,".repeat(Math.max(0, parameters - 1)) + (parameters > 0 ? "?" : "")
                + ")";
    }

    void initial(FieldNode field, List<Fact> into) {
        begin(null);
        here = field.span();
        Value on = field.isStatic() ? new Value.Unknown() : new Value.Self();
        Value value = value(field.initial());
        into.addAll(facts);
        into.add(new Fact.Write(type.name() + "#" + field.name(), on, value, field.span()));
    }

    List<Fact> facts(OperationNode o) {
        begin(o);
        follow(o.body());
        return facts;
    }

    private void begin(OperationNode o) {
        operation = o;
        facts = new ArrayList<>();
        locals = new HashMap<>();
        for (int i = 0; o != null && i < o.parameters().size(); i++) {
            String owner = id(type.name(), o.name(), o.parameters().size());
            locals.put(o.parameters().get(i), new Value.OfParameter(owner, i));
        }
    }

    private void follow(List<Statement> body) {
        for (Statement s : body) {
            here = s.span();
            if (s instanceof Statement.Assign a) {
                assign(a);
            } else if (s instanceof Statement.Return r) {
                if (r.value() != null) {
                    Value v = value(r.value());
                    facts.add(new Fact.Return(v, here));
                }
            } else if (s instanceof Statement.Add a) {
                Value container = value(a.container());
                facts.add(new Fact.Put(container, value(a.value()), here));
            } else if (s instanceof Statement.Remove r) {
                Value container = value(r.container());
                facts.add(new Fact.Remove(container, value(r.value()), here));
            } else if (s instanceof Statement.ForEach f) {
                locals.put(f.variable(), new Value.ElementOf(value(f.container()), Value.Choice.EACH));
                follow(f.body());
            } else if (s instanceof Statement.If i) {
                branch(i);
            } else if (s instanceof Statement.Throw) {
                facts.add(new Fact.Throw("error", here));
            } else if (s instanceof Statement.Print p) {
                Value printed = value(p.value());
                facts.add(new Fact.Library(
                        "out", "print", java.util.Set.of(), new Value.Unknown(), List.of(printed), here));
            } else if (s instanceof Statement.Do d) {
                value(d.call());
            }
        }
    }

    private void assign(Statement.Assign a) {
        Value v = value(a.value());
        boolean local = a.on() == null && inference.ownerOf(type, a.name()) == null;
        if (local) {
            locals.put(a.name(), v);
            return;
        }
        TypeNode owner = typeNamed(a.on());
        String declaring = owner == null ? inference.ownerOf(type, a.name()) : owner.name();
        Value on = isStatic(declaring, a.name()) ? new Value.Unknown() : new Value.Self();
        facts.add(new Fact.Write(declaring + "#" + a.name(), on, v, here));
    }

    private boolean isStatic(String owner, String field) {
        return owner != null
                && types.get(owner).fields().stream().anyMatch(f -> f.name().equals(field) && f.isStatic());
    }

    private TypeNode typeNamed(Expression e) {
        return e instanceof Expression.Name n ? types.get(n.name()) : null;
    }

    private void branch(Statement.If i) {
        Span span = i.span();
        Fact.Question on;
        Value subject;
        String asked = null;
        List<String> labels = List.of();
        if (i.condition() instanceof Condition.IsNone n) {
            on = Fact.Question.NULL;
            subject = value(n.subject());
        } else if (i.condition() instanceof Condition.IsA a) {
            on = Fact.Question.TYPE;
            subject = value(a.subject());
            asked = a.type();
        } else if (i.condition() instanceof Condition.Equals e) {
            on = Fact.Question.TAG;
            subject = value(e.subject());
            labels = List.of(String.valueOf(
                    e.literal() instanceof Expression.Number x
                            ? x.text()
                            : e.literal() instanceof Expression.Text x ? x.text() : e.literal()));
            if (e.literal() instanceof Expression.Member m && typeNamed(m.on()) != null) {
                asked = typeNamed(m.on()).name();
                labels = List.of(m.name());
            }
        } else {
            on = Fact.Question.OTHER;
            subject = value(((Condition.Truth) i.condition()).subject());
        }
        facts.add(new Fact.Branch(on, subject, asked, List.of(), here));
        List<Fact.Arm> arms = new ArrayList<>();
        arm(i.then(), labels, false, arms);
        arm(i.otherwise(), List.of(), true, arms);
        facts.add(new Fact.Branch(on, subject, asked, arms, span));
        Map<String, Value> before = new HashMap<>(locals);
        follow(i.then());
        Map<String, Value> then = locals;
        locals = new HashMap<>(before);
        follow(i.otherwise());
        then.forEach((name, v) -> {
            Value other = locals.get(name);
            locals.put(name, other == null || other.equals(v) ? v : new Value.OneOf(List.of(v, other)));
        });
    }

    private static void arm(List<Statement> body, List<String> labels, boolean isDefault, List<Fact.Arm> arms) {
        if (!body.isEmpty()) {
            Span first = body.get(0).span();
            Span last = body.get(body.size() - 1).span();
            Span span = new Span(first.file(), first.line(), last.endLine(), first.from(), last.to());
            boolean computes = body.toString().contains("Binary[");
            Statement end = body.get(body.size() - 1);
            boolean leaves = end instanceof Statement.Return || end instanceof Statement.Throw;
            arms.add(new Fact.Arm(span, labels, isDefault, computes, leaves));
        }
    }

    private List<Value> values(List<Expression> all) {
        List<Value> values = new ArrayList<>();
        all.forEach(e -> values.add(value(e)));
        return values;
    }

    private Value value(Expression e) {
        if (e instanceof Expression.Number n) {
            return new Value.Literal(n.text());
        } else if (e instanceof Expression.Text t) {
            return new Value.Literal(t.text());
        } else if (e instanceof Expression.Truth t) {
            return new Value.Literal(String.valueOf(t.value()));
        } else if (e instanceof Expression.None) {
            return new Value.Null();
        } else if (e instanceof Expression.Self) {
            return new Value.Self();
        } else if (e instanceof Expression.EmptyList) {
            return new Value.Copy(List.of());
        } else if (e instanceof Expression.Binary b) {
            value(b.left());
            value(b.right());
            return new Value.Computed();
        } else if (e instanceof Expression.New n) {
            List<Value> arguments = values(n.arguments());
            boolean declared = types.containsKey(n.type());
            facts.add(new Fact.Create(
                    n.type(), declared ? id(n.type(), "new", arguments.size()) : null, arguments, n.span()));
            return new Value.New(n.type(), n.span());
        } else if (e instanceof Expression.Member m) {
            return member(m);
        } else if (e instanceof Expression.Name n) {
            return name(n);
        }
        return call((Expression.Call) e);
    }

    private Value name(Expression.Name n) {
        if (locals.containsKey(n.name())) {
            return locals.get(n.name());
        }
        String owner = inference.ownerOf(type, n.name());
        if (owner == null) {
            return new Value.Unknown();
        }
        Value on = isStatic(owner, n.name()) ? new Value.Unknown() : new Value.Self();
        facts.add(new Fact.Read(owner + "#" + n.name(), on, here));
        return new Value.OfField(owner + "#" + n.name(), on);
    }

    private Value member(Expression.Member m) {
        TypeNode owner = typeNamed(m.on());
        if (owner != null) {
            String field = owner.name() + "#" + m.name();
            facts.add(new Fact.Read(field, new Value.Unknown(), m.span()));
            return new Value.OfField(field, new Value.Unknown());
        }
        if (m.on() instanceof Expression.Self) {
            return name(new Expression.Name(m.name()));
        }
        value(m.on());
        return new Value.Unknown();
    }

    private Value call(Expression.Call c) {
        TypeNode on = typeNamed(c.on());
        Value receiver = on != null ? new Value.Unknown() : c.on() == null ? new Value.Self() : value(c.on());
        List<Value> arguments = values(c.arguments());
        String called = on != null
                ? id(on.name(), c.name(), arguments.size())
                : c.toSuper() ? above(type, c) : resolve(c, receiver);
        facts.add(new Fact.Call(called, c.name(), receiver, arguments, c.toSuper(), c.span()));
        return new Value.ResultOf(called, receiver, arguments);
    }

    /** On the same object the nearest one, else the one that is highest up of those with that name. */
    private String resolve(Expression.Call c, Value receiver) {
        if (receiver instanceof Value.Self) {
            TypeNode own = declaring(type, c);
            return own == null ? null : id(own.name(), c.name(), c.arguments().size());
        }
        String signature = c.name() + "/" + c.arguments().size();
        List<TypeNode> all = types.values().stream()
                .filter(t -> t.operations().stream()
                        .anyMatch(o -> !o.isStatic()
                                && o.name().equals(c.name())
                                && o.parameters().size() == c.arguments().size()))
                .toList();
        List<TypeNode> top = all.stream()
                .filter(t -> all.stream().noneMatch(u -> u != t && inference.isBelow(t.name(), u.name())))
                .toList();
        if (top.size() == 1) {
            return id(top.get(0).name(), c.name(), c.arguments().size());
        }
        return inference.implied().stream()
                .filter(i -> i.operations().contains(signature))
                .map(i -> id(i.id(), c.name(), c.arguments().size()))
                .findFirst()
                .orElse(null);
    }

    private TypeNode declaring(TypeNode t, Expression.Call c) {
        boolean own = t.operations().stream()
                .anyMatch(o -> o.name().equals(c.name())
                        && o.parameters().size() == c.arguments().size());
        if (own) {
            return t;
        }
        for (String s : t.supertypes()) {
            TypeNode found = types.containsKey(s) ? declaring(types.get(s), c) : null;
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    private String above(TypeNode t, Expression.Call c) {
        for (String s : t.supertypes()) {
            TypeNode found = types.containsKey(s) ? declaring(types.get(s), c) : null;
            if (found != null) {
                return id(found.name(), c.name(), c.arguments().size());
            }
        }
        return null;
    }
}
