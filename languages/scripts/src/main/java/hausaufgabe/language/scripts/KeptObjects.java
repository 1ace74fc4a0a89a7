package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Span;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Statement;
import hausaufgabe.language.scripts.Program.ClassInfo;
import hausaufgabe.language.scripts.Program.FunctionInfo;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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
        for (Program.ModuleInfo m : program.modules.values()) {
            m.functions.forEach(o -> remembered(o, writes));
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
