package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Span;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Statement;
import hausaufgabe.language.scripts.Program.ClassInfo;
import hausaufgabe.language.scripts.Program.FunctionInfo;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Says out loud what a class leaves to one operation that is asked for whatever the class has not: where that hands on to an
 * object in a field, the class has each operation of that object, which does nothing but hand on.
 */
final class ForwardedOperations {

    private static final String ASKED_FOR_ALL = "__getattr__";
    private static final Set<String> READS = Set.of("getattr");

    private ForwardedOperations() {}

    /** The same files, or others where something was to be said. */
    static List<Code.Module> saidOutLoud(Program program, List<Code.Module> modules) {
        Map<ClassInfo, String> fields = new LinkedHashMap<>();
        program.classes.values().forEach(c -> field(c).ifPresent(f -> fields.put(c, f)));
        if (fields.isEmpty()) {
            return modules;
        }
        Flow flow = new Flow(program);
        Map<Code.ClassDefinition, List<Statement>> more = new HashMap<>();
        fields.forEach((c, f) -> more.put(c.node, forwarding(program, c, f, flow.classesIn(c, f))));
        return modules.stream()
                .map(m -> new Code.Module(
                        m.path(),
                        m.name(),
                        CodeWalk.replaced(
                                m.body(),
                                part -> part instanceof Code.ClassDefinition c && more.containsKey(c)
                                        ? with(c, more.get(c))
                                        : null),
                        m.span()))
                .toList();
    }

    private static Code.ClassDefinition with(Code.ClassDefinition c, List<Statement> more) {
        List<Statement> body = new ArrayList<>(c.body());
        body.addAll(more);
        return new Code.ClassDefinition(c.name(), c.decorators(), c.bases(), c.options(), List.copyOf(body), c.span());
    }

    /** The field whose object is asked for what the class has not. */
    private static Optional<String> field(ClassInfo c) {
        FunctionInfo o = c.operations.get(ASKED_FOR_ALL);
        if (o == null || o.node.parameters().size() != 2) {
            return Optional.empty();
        }
        String self = o.node.parameters().get(0).name();
        String name = o.node.parameters().get(1).name();
        String[] found = new String[1];
        CodeWalk.through(o.node.body(), part -> {
            if (part instanceof Code.Call call
                    && READS.contains(Program.lastName(call.callee()))
                    && call.arguments().size() >= 2
                    && call.arguments().get(0).value() instanceof Code.Member m
                    && m.on() instanceof Code.Name on
                    && on.name().equals(self)
                    && call.arguments().get(1).value() instanceof Code.Name n
                    && n.name().equals(name)) {
                found[0] = m.name();
            }
            return found[0] == null;
        });
        return Optional.ofNullable(found[0]);
    }

    private static List<Statement> forwarding(Program program, ClassInfo c, String field, List<ClassInfo> asked) {
        Map<String, Statement> all = new LinkedHashMap<>();
        for (ClassInfo k : asked) {
            for (ClassInfo x : program.line(k)) {
                for (FunctionInfo o : x.operations.values()) {
                    String name = o.node.name();
                    boolean forwarded = o.takesSelf(program.dialect)
                            && !o.isOfClass
                            && !o.isProperty
                            && !program.dialect.isPrivate(name)
                            && !name.startsWith("__")
                            && program.operation(c, name).isEmpty();
                    if (forwarded) {
                        all.putIfAbsent(name, forwarding(c, field, o));
                    }
                }
            }
        }
        return List.copyOf(all.values());
    }

    private static Statement forwarding(ClassInfo c, String field, FunctionInfo o) {
        Span span = c.operations.get(ASKED_FOR_ALL).node.span();
        String self = o.node.parameters().get(0).name();
        Expression on = new Code.Member(new Code.Name(self, span), field, span);
        List<Code.Argument> handed = o.node.parameters().stream()
                .skip(1)
                .map(p -> new Code.Argument(null, new Code.Name(p.name(), span), p.kind() == Code.Parameter.Kind.ALL))
                .toList();
        return new Code.Function(
                o.node.name(),
                List.of(new Code.Name(Code.GIVEN, span)),
                o.node.parameters(),
                null,
                List.of(new Code.Return(new Code.Call(new Code.Member(on, o.node.name(), span), handed, span), span)),
                span);
    }
}
