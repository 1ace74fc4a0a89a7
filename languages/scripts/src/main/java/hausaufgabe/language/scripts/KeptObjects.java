package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Span;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Statement;
import hausaufgabe.language.scripts.Program.ClassInfo;
import hausaufgabe.language.scripts.Program.FunctionInfo;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * Classes of which something around them keeps an object and gives it out whenever the class is called: a metaclass, or a function
 * that decorates it.
 */
final class KeptObjects {

    private final Program program;
    private final Map<ClassInfo, Kept> found = new HashMap<>();

    /**
     * How an object is kept.
     *
     * @param operation what is called in place of the class
     * @param field what it is kept in
     * @param once whether it is made only where none is kept
     */
    record Kept(String operation, String field, boolean once, Span span) {}

    KeptObjects(Program program, Writes writes) {
        this.program = program;
        program.classes.values().forEach(this::look);
        program.classes.values().forEach(this::givenByConstructor);
        program.classes.values().stream().filter(c -> c.isLiteral).forEach(this::held);
        for (Program.ModuleInfo m : program.modules.values()) {
            m.functions.forEach(o -> remembered(o, writes));
            m.functions.forEach(o -> heldByModule(o, writes));
        }
    }

    /** A function whose answer is remembered makes one object, where nobody else makes any. */
    private void remembered(FunctionInfo o, Writes writes) {
        boolean remembers = o.node.decorators().stream()
                .anyMatch(d -> program.dialect.remembering().contains(Program.lastName(d)));
        List<Statement> done =
                o.node.body().stream().filter(s -> !Program.isText(s)).toList();
        if (remembers
                && o.node.parameters().isEmpty()
                && done.size() == 1
                && done.get(0) instanceof Code.Return r
                && r.value() instanceof Code.Call made
                && program.meaning(made.callee(), o.module, null) instanceof Program.OfClass c
                && writes.places(c.type()) == 1) {
            found.putIfAbsent(c.type(), new Kept(o.node.name(), o.node.name(), true, o.node.span()));
        }
    }

    /** A function that makes an object where its module's variable holds none, and gives out what it holds. */
    private void heldByModule(FunctionInfo o, Writes writes) {
        Set<String> given = new HashSet<>();
        CodeWalk.through(o.node.body(), part -> {
            if (part instanceof Code.Return r && r.value() instanceof Code.Name n) {
                given.add(n.name());
            }
            return true;
        });
        given.retainAll(o.module.variables.keySet());
        if (given.isEmpty() || !o.node.parameters().isEmpty()) {
            return;
        }
        for (ClassInfo c : program.classes.values()) {
            if (!found.containsKey(c) && writes.places(c) == 1) {
                keep(
                        c,
                        o.node.name(),
                        o.node.body(),
                        e -> e instanceof Code.Call call
                                && program.meaning(call.callee(), o.module, null) instanceof Program.OfClass x
                                && x.type() == c,
                        o.node.span());
                Kept kept = found.get(c);
                if (kept != null && !given.contains(kept.field())) {
                    found.remove(c);
                }
            }
        }
    }

    /** A constructor that gives back what it has kept, where it has. */
    private void givenByConstructor(ClassInfo c) {
        FunctionInfo o = c.operations.get(program.dialect.constructor());
        if (o == null || o.node.parameters().isEmpty()) {
            return;
        }
        String self = o.node.parameters().get(0).name();
        String given = null;
        Expression keeps = null;
        for (Statement s : o.node.body()) {
            if (s instanceof Code.If i) {
                for (Statement x : i.then()) {
                    given = x instanceof Code.Return r && r.value() != null ? name(r.value()) : given;
                    keeps = keptHere(x, self, keeps);
                }
            } else if (s instanceof Code.Return r && r.value() != null) {
                given = name(r.value());
            }
            keeps = keptHere(s, self, keeps);
        }
        if (given != null && keeps != null && given.equals(name(keeps))) {
            found.putIfAbsent(c, new Kept(Flow.CALL, given + "~kept", true, o.node.span()));
        }
    }

    private static Expression keptHere(Statement s, String self, Expression before) {
        boolean keeps = s instanceof Code.Assign a
                && a.value() instanceof Code.Name n
                && n.name().equals(self)
                && (a.target() instanceof Code.Member || a.target() instanceof Code.Name);
        return keeps ? ((Code.Assign) s).target() : before;
    }

    /** Another object, of which there is one, keeps the object and gives it out. */
    private void held(ClassInfo holder) {
        for (FunctionInfo o : holder.operations.values()) {
            for (ClassInfo c : program.classes.values()) {
                if (c != holder && !o.isConstructor) {
                    keep(c, o.node.name(), o.node.body(), e -> makes(e, c, holder, 0), o.node.span());
                }
            }
        }
    }

    private boolean makes(Expression e, ClassInfo c, ClassInfo holder, int depth) {
        if (e instanceof Code.Made m) {
            return program.made(m) == c;
        }
        if (!(e instanceof Code.Call call) || depth > 2) {
            return false;
        }
        if (program.meaning(call.callee(), holder.module, null) instanceof Program.OfClass x) {
            return x.type() == c;
        }
        FunctionInfo helper = call.callee() instanceof Code.Member m ? holder.operations.get(m.name()) : null;
        return helper != null
                && helper.node.body().stream()
                        .anyMatch(s -> s instanceof Code.Return r
                                && r.value() != null
                                && makes(r.value(), c, holder, depth + 1));
    }

    /** Null where the class makes an object each time it is called. */
    @Nullable
    Kept of(ClassInfo c) {
        return found.get(c);
    }

    private void look(ClassInfo c) {
        for (Code.Argument a : c.node.options()) {
            if ("metaclass".equals(a.name()) && program.meaning(a.value(), c.module, c) instanceof Program.OfClass m) {
                FunctionInfo call = m.type().operations.get(Flow.CALL);
                if (call != null) {
                    keep(
                            c,
                            call.node.name(),
                            call.node.body(),
                            e -> Program.lastName(e).equals(Flow.CALL),
                            call.node.span());
                }
            }
        }
        for (Expression d : c.node.decorators()) {
            if (program.meaning(d, c.module, null) instanceof Program.OfFunction f
                    && f.function().node.parameters().size() == 1) {
                String given = f.function().node.parameters().get(0).name();
                for (Statement s : f.function().node.body()) {
                    if (s instanceof Code.Function inner) {
                        keep(
                                c,
                                inner.name(),
                                inner.body(),
                                e -> e instanceof Code.Call x
                                        && x.callee() instanceof Code.Name n
                                        && n.name().equals(given),
                                inner.span());
                    }
                }
            }
        }
    }

    private void keep(ClassInfo c, String operation, List<Statement> body, Predicate<Expression> makes, Span span) {
        keep(c, operation, body, makes, false, span);
    }

    private void keep(
            ClassInfo c,
            String operation,
            List<Statement> body,
            Predicate<Expression> makes,
            boolean asked,
            Span span) {
        for (Statement s : body) {
            if (s instanceof Code.Assign a && a.value() != null && makes.test(a.value()) && !found.containsKey(c)) {
                found.put(c, new Kept(operation, name(a.target()), asked, span));
            } else if (s instanceof Code.If i) {
                keep(c, operation, i.then(), makes, true, span);
                keep(c, operation, i.otherwise(), makes, true, span);
            } else if (s instanceof Code.Block b) {
                keep(c, operation, b.body(), makes, asked || b.handler(), span);
            }
        }
    }

    private static String name(Expression target) {
        return target instanceof Code.Element x ? name(x.container()) : Program.lastName(target);
    }
}
