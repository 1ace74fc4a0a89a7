package hausaufgabe.language.scripts;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Event.Signature;
import hausaufgabe.language.scripts.Flow.FunctionValue;
import hausaufgabe.language.scripts.Flow.Implied;
import hausaufgabe.language.scripts.Program.ClassInfo;
import hausaufgabe.language.scripts.Program.FunctionInfo;
import hausaufgabe.language.scripts.Program.ModuleInfo;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a driver is told of a program beside its sources: by which tokens its types and operations are known outside, and what
 * stands in for its abstractions. Written as JSON.
 */
final class RunPlan {

    private static final ObjectMapper JSON = new ObjectMapper();

    private final Program program;
    private final Dialect dialect;
    private final Flow flow;
    private final Design design;
    private final Map<String, String> texts;
    private final ObjectNode plan = JSON.createObjectNode();
    private final Map<String, Operation> operations = new HashMap<>();

    private RunPlan(Program program, Flow flow, Design design, Map<String, String> texts) {
        this.program = program;
        this.dialect = program.dialect;
        this.flow = flow;
        this.design = design;
        this.texts = texts;
        design.operations().forEach(o -> operations.put(o.id(), o));
    }

    /** @param texts of the files, by path */
    static byte[] of(Program program, Flow flow, Design design, Map<String, String> texts) {
        RunPlan made = new RunPlan(program, flow, design, texts);
        made.modules();
        made.operations();
        made.functions();
        made.doubles();
        made.mentions();
        try {
            return JSON.writeValueAsBytes(made.plan);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private void modules() {
        ObjectNode modules = plan.putObject("modules");
        program.modules.values().forEach(m -> modules.put(m.id(), m.node.path()));
    }

    // operations

    private void operations() {
        ArrayNode all = plan.putArray("operations");
        for (ClassInfo c : program.classes.values()) {
            c.operations.values().forEach(o -> operation(o, all));
            c.setters.values().forEach(o -> operation(o, all));
        }
        program.modules.values().forEach(m -> m.functions.forEach(o -> operation(o, all)));
        for (FunctionValue f : flow.functionValues()) {
            Operation o = operations.get(DesignWriter.operationOf(f));
            if (f.operation() == null && f.named() == null && o != null) {
                place(all.addArray(), f.span())
                        .add(functionName(f))
                        .add(f.id())
                        .add(call(o))
                        .add(1)
                        .add(0)
                        .add(f.span().from());
            }
        }
    }

    private void operation(FunctionInfo o, ArrayNode into) {
        Operation known = operations.get(DesignWriter.idOf(o));
        if (known != null && o.isWritten) {
            boolean ofObject = o.type != null && !o.isStatic && !o.isOfClass;
            place(into.addArray(), o.node.span())
                    .add(o.node.name())
                    .add(o.owner)
                    .add(call(known))
                    .add(ofObject ? 0 : 1)
                    .add(o.takesSelf(dialect) ? 1 : 0)
                    .add(o.node.span().from());
        }
    }

    private static ArrayNode place(ArrayNode into, Span span) {
        return into.add(span.file()).add(span.line());
    }

    /** An operation as events name it, without its owner. */
    private static String call(Operation o) {
        String name = o.isConstructor() ? Signature.CONSTRUCTOR : o.name();
        return name + "(" + String.join(",", o.parameterTokens()) + ")"
                + (o.result() == null ? "" : o.result().type());
    }

    // functions and classes that stand as values

    private void functions() {
        ArrayNode functions = plan.putArray("functions");
        ObjectNode classes = plan.putObject("classes");
        for (FunctionValue f : flow.functionValues()) {
            if (f.named() instanceof Program.OfClass c) {
                classes.put(c.type().id, f.id());
            } else if (f.operation() != null) {
                place(functions.addArray().add(f.id()), f.operation().node.span())
                        .add(0)
                        .add(f.operation().node.name())
                        .add(f.operation().node.span().from());
            } else {
                place(functions.addArray().add(f.id()), f.span())
                        .add(column(f.span()))
                        .add(functionName(f))
                        .add(f.span().from());
            }
        }
    }

    private String functionName(FunctionValue f) {
        String name = flow.functionName(f.id());
        return name == null ? "<lambda>" : name;
    }

    /** In bytes, as interpreters count. */
    private int column(Span span) {
        String text = texts.getOrDefault(span.file(), "");
        int begin = text.lastIndexOf('\n', Math.max(0, span.from() - 1)) + 1;
        return span.from() > text.length() || begin > span.from()
                ? 0
                : text.substring(begin, span.from()).getBytes(StandardCharsets.UTF_8).length;
    }

    // what stands in

    private void doubles() {
        ObjectNode doubles = plan.putObject("doubles");
        for (Type t : design.types()) {
            boolean open = t.isOwn()
                    && t.kind() != Type.Kind.ENUM
                    && (t.origin() == Type.Origin.IMPLIED || program.classes.containsKey(t.id()));
            if (open) {
                shape(t, doubles.putObject(t.id()));
            }
        }
    }

    private void shape(Type t, ObjectNode into) {
        Implied i = flow.impliedAs(t.id());
        into.put("of", t.id());
        into.put("name", t.name());
        boolean declared = i == null && program.classes.get(t.id()).isFunction;
        into.put("function", declared || i != null && i.isFunction());
        into.put("derives", i == null && !(dialect.promisesAreGone() && program.classes.get(t.id()).isPromise));
        fields(t, i, into.putArray("fields"));
        // where some of those who are called are operations of objects, what is kept weakly has to be got at by its
        // object
        into.put(
                "bound",
                i != null && i.realisedBy().stream().map(flow::function).anyMatch(f -> f != null && f.bound() != null));
        ArrayNode all = into.putArray("operations");
        for (Operation o : design.methodsOf(t)) {
            if (o.isAbstract() && !o.isStatic()) {
                ArrayNode told = all.addArray().add(o.name());
                ArrayNode parameters = told.addArray();
                o.parameters().forEach(p -> parameters.add(p.name()));
                told.add(o.result() == null ? "" : o.result().type());
                told.add(isProperty(t, i, o.name()));
            }
        }
    }

    /** What a double has that is read and not called: what a promise says, or what all have that there are. */
    private void fields(Type t, @Nullable Implied i, ArrayNode into) {
        ClassInfo promise = i == null ? program.classes.get(t.id()) : null;
        if (promise != null && promise.isPromise) {
            design.fieldsOf(t).stream()
                    .filter(f -> !f.isStatic())
                    .forEach(f -> into.addArray().add(f.name()).add(f.type().type()));
            return;
        }
        List<ClassInfo> all = i == null
                ? List.of()
                : i.realisedBy().stream()
                        .map(program.classes::get)
                        .filter(c -> c != null)
                        .toList();
        if (all.isEmpty() || i.isFunction()) {
            return;
        }
        for (ClassInfo c : program.line(all.get(0))) {
            for (Program.FieldInfo f : c.fields.values()) {
                boolean common = !f.isStatic()
                        && !i.operations().contains(f.name())
                        && all.stream().allMatch(x -> program.declaring(x, f.name()) != null);
                if (common) {
                    into.addArray().add(f.name()).add(flow.ofField(c, f.name()).type());
                }
            }
        }
    }

    private boolean isProperty(Type t, @Nullable Implied i, String name) {
        List<ClassInfo> like = i == null
                ? List.of(program.classes.get(t.id()))
                : i.realisedBy().stream()
                        .map(program.classes::get)
                        .filter(c -> c != null)
                        .toList();
        return like.stream()
                .flatMap(c -> program.operation(c, name).stream())
                .findFirst()
                .map(o -> o.isProperty)
                .orElse(false);
    }

    // what the code mentions

    private void mentions() {
        ObjectNode mentions = plan.putObject("mentions");
        for (ClassInfo c : program.classes.values()) {
            mention(c.id, List.of(c.node), mentions);
        }
        for (ModuleInfo m : program.modules.values()) {
            List<Object> own = new java.util.ArrayList<>(m.body);
            m.functions.forEach(o -> own.add(o.node));
            mention(m.id(), own, mentions);
        }
    }

    private static void mention(String type, List<?> code, ObjectNode into) {
        Mentions found = Mentions.of(code);
        ObjectNode told = into.putObject(type);
        put(told.putArray("texts"), found.texts());
        put(told.putArray("numbers"), found.numbers());
        put(told.putArray("shaped"), found.shaped());
    }

    private static void put(ArrayNode into, Set<String> all) {
        all.forEach(into::add);
    }
}
