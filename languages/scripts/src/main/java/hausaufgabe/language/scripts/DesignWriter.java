package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Operation.Role;
import hausaufgabe.core.design.Operation.Trait;
import hausaufgabe.core.design.Span;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.design.Visibility;
import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Statement;
import hausaufgabe.language.scripts.Flow.FunctionValue;
import hausaufgabe.language.scripts.Flow.Implied;
import hausaufgabe.language.scripts.Program.ClassInfo;
import hausaufgabe.language.scripts.Program.FunctionInfo;
import hausaufgabe.language.scripts.Program.ModuleInfo;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Makes a design of a program: its classes, functions and modules, and the abstractions that nobody wrote down. */
public final class DesignWriter {

    private static final Value UNKNOWN = new Value.Unknown();

    private final Program program;
    private final Dialect dialect;
    private final Flow flow;
    private final Writes writes;
    private final KeptObjects kept;
    private final Map<String, String> texts;
    private final List<Type> types = new ArrayList<>();
    private final List<Field> fields = new ArrayList<>();
    private final List<Operation> operations = new ArrayList<>();
    private final Map<ClassInfo, List<ClassInfo>> fitted = new HashMap<>();
    private final Set<String> giving = new HashSet<>();
    private final Set<String> written = new HashSet<>();

    private DesignWriter(Dialect dialect, List<Code.Module> modules, Map<String, String> texts) {
        List<Code.Module> written = KindTables.saidOutLoud(modules);
        Program plain = new Program(dialect, written);
        List<Code.Module> said = ForwardedOperations.saidOutLoud(plain, written);
        this.program = said == written ? plain : new Program(dialect, said);
        this.dialect = dialect;
        this.texts = texts;
        abstractByOverriding();
        abstractByUse();
        this.flow = new Flow(program);
        this.writes = new Writes(program);
        this.kept = new KeptObjects(program, writes);
    }

    /**
     * What was made of a program.
     *
     * @param plan what a driver has to know to run it, see {@link ScriptProgram#PLAN}
     */
    public record Written(Design design, byte[] plan) {}

    /**
     * Makes it.
     *
     * @param texts of the files, by path
     */
    public static Written of(Dialect dialect, List<Code.Module> modules, Map<String, String> texts) {
        DesignWriter writer = new DesignWriter(dialect, modules, texts);
        Design design = writer.design();
        return new Written(design, RunPlan.of(writer.program, writer.flow, design, texts));
    }

    private Design design() {
        fit();
        for (ClassInfo c : program.classes.values()) {
            c.operations.values().forEach(this::noteResult);
        }
        flow.implied().forEach(this::imply);
        for (ModuleInfo m : program.modules.values()) {
            module(m);
        }
        return new Design(types, fields, operations);
    }

    // what is abstract, and what fits

    /** Where all below do it themselves and nothing is done here, it is only promised here. */
    private void abstractByOverriding() {
        for (ClassInfo c : program.classes.values()) {
            boolean promises = c.operations.values().stream().anyMatch(o -> !o.isConstructor && promises(o));
            if (!promises) {
                continue;
            }
            List<ClassInfo> below = program.classes.values().stream()
                    .filter(x -> x != c && program.isBelow(x, c))
                    .toList();
            for (FunctionInfo o : c.operations.values()) {
                // what refuses and is nowhere done is what is done where nothing else is
                o.isAbstract &= o.isLabelledAbstract
                        || below.isEmpty()
                        || below.stream().anyMatch(x -> x.operations.containsKey(o.node.name()));
            }
            List<ClassInfo> lowest = below.stream()
                    .filter(x -> below.stream().noneMatch(y -> y != x && program.isBelow(y, x)))
                    .toList();
            for (FunctionInfo o : c.operations.values()) {
                boolean promised = !below.isEmpty()
                        && !o.isConstructor
                        && promises(o)
                        && lowest.stream()
                                .allMatch(x -> program.line(x).stream()
                                        .takeWhile(y -> y != c)
                                        .anyMatch(y -> y.operations.containsKey(o.node.name())));
                o.isAbstract |= promised;
            }
        }
    }

    /** What nobody makes or hands on, but several extend, is what those share. */
    private void abstractByUse() {
        Set<ClassInfo> used = UsedClasses.of(program);
        for (ClassInfo c : program.classes.values()) {
            long below = program.classes.values().stream()
                    .filter(x -> x != c && program.isBelow(x, c))
                    .count();
            c.isAbstractByName |= below > 1 && !used.contains(c);
        }
    }

    /** Whether nothing is done here, or only refused. */
    private static boolean promises(FunctionInfo o) {
        List<Statement> done =
                o.node.body().stream().filter(s -> !Program.isText(s)).toList();
        return Program.isEmpty(o.node.body()) || done.size() == 1 && done.get(0) instanceof Code.Raise;
    }

    private boolean isAbstract(ClassInfo c) {
        if (c.isPromise && !c.isShape || c.isAbstractByName) {
            return true;
        }
        Set<String> answered = new HashSet<>();
        for (ClassInfo x : program.line(c)) {
            // what is promised as something to read may be kept in a field
            answered.addAll(x.fields.keySet());
            for (FunctionInfo o : x.operations.values()) {
                if (o.isAbstract && !answered.contains(o.node.name())) {
                    return true;
                }
                answered.add(o.node.name());
            }
        }
        return false;
    }

    /** What can be asked all that a promise says keeps it, whether it says so or not. */
    private void fit() {
        for (ClassInfo promise : program.classes.values()) {
            Set<String> asked = program.operationsOf(promise);
            if (!promise.isPromise || asked.isEmpty()) {
                continue;
            }
            for (ClassInfo c : program.classes.values()) {
                if (!c.isPromise
                        && !program.isBelow(c, promise)
                        && program.operationsOf(c).containsAll(asked)) {
                    fitted.computeIfAbsent(c, k -> new ArrayList<>()).add(promise);
                }
            }
        }
    }

    // modules

    private void module(ModuleInfo m) {
        boolean has = !m.variables.isEmpty() || !m.functions.isEmpty() || !m.body.isEmpty();
        if (has) {
            String name = m.id().substring(m.id().lastIndexOf('.') + 1);
            types.add(new Type(
                    m.id(),
                    name,
                    Type.Kind.CLASS,
                    Type.Origin.DECLARED,
                    new Type.Flags(true, false, false, Visibility.PUBLIC),
                    List.of(),
                    null,
                    List.of(),
                    m.node.span()));
            m.variables.forEach((variable, span) -> fields.add(new Field(
                    m.id() + "#" + variable,
                    m.id(),
                    variable,
                    flow.ofVariable(m, variable),
                    true,
                    writes.isAssignedOnce(m, variable),
                    false,
                    visibility(variable),
                    span)));
            Frame frame = Frame.of(program, m);
            loaded(m, frame);
            m.functions.forEach(this::function);
            if (isOneForAll(m)) {
                oneForAll(m);
            }
        }
        m.classes.forEach(this::type);
    }

    /**
     * Whether a module is what a program has one of: others import it, its functions share variables that they change, and
     * nothing else in the program gives out an object of its own.
     */
    private boolean isOneForAll(ModuleInfo m) {
        return m.classes.isEmpty()
                && program.modules.values().stream().anyMatch(x -> x != m && imports(x, m))
                && operations.stream()
                        .filter(o -> o.owner().equals(m.id()) && o.role() == Role.METHOD)
                        .flatMap(o -> o.body().stream())
                        .anyMatch(f -> changes(f, m))
                && program.classes.values().stream().noneMatch(this::isMeantAsOne)
                && program.modules.values().stream()
                        .flatMap(x -> x.functions.stream())
                        .noneMatch(this::isWayIn);
    }

    /** Whether a class gives out an object of its own, or would have reason to: it is made in several places, always alike. */
    private boolean isMeantAsOne(ClassInfo c) {
        boolean alike = program.operation(c, dialect.constructor())
                        .map(o -> o.parameters(dialect).isEmpty())
                        .orElse(true)
                && program.recordParts(c).isEmpty();
        return kept.of(c) != null
                || writes.keeperOf(c) != null
                || writes.makesItself(c)
                || alike && !c.fields.isEmpty() && writes.places(c) > 1;
    }

    /** Whether a function that takes nothing gives out a new object. */
    private boolean isWayIn(FunctionInfo o) {
        return o.node.parameters().isEmpty()
                && o.node.body().stream()
                        .anyMatch(s -> s instanceof Code.Return r
                                && r.value() instanceof Code.Call made
                                && program.meaning(made.callee(), o.module, null) instanceof Program.OfClass);
    }

    private static boolean imports(ModuleInfo m, ModuleInfo from) {
        return m.names.values().stream()
                .anyMatch(s -> s instanceof Program.OfModule x && x.module() == from
                        || s instanceof Program.OfFunction f && f.function().module == from);
    }

    /** Whether a variable of the module is changed, or what it contains. */
    private static boolean changes(Fact f, ModuleInfo m) {
        return f instanceof Fact.Write w && w.field().startsWith(m.id() + "#")
                || f instanceof Fact.Put p && isOf(p.container(), m)
                || f instanceof Fact.Remove r && isOf(r.container(), m);
    }

    private static boolean isOf(Value container, ModuleInfo m) {
        return container instanceof Value.OfField x && x.field().startsWith(m.id() + "#");
    }

    /** Who imports a module gets the one there is, which nobody can make a second time. */
    private void oneForAll(ModuleInfo m) {
        String name = m.id().substring(m.id().lastIndexOf('.') + 1);
        Span span = m.node.span();
        String field = m.id() + "#";
        fields.add(
                new Field(field, m.id(), name, TypeRef.of(m.id(), name), true, true, false, Visibility.PUBLIC, span));
        List<Fact> facts = List.of(
                new Fact.Create(m.id(), null, List.of(), span),
                new Fact.Write(field, UNKNOWN, new Value.New(m.id(), span), span));
        operations.add(plain(m.id() + "#kept()", m.id(), "load", Role.INITIALISER, facts, List.of(), span));
        operations.add(new Operation(
                m.id() + "#new()",
                m.id(),
                name,
                Role.CONSTRUCTOR,
                EnumSet.of(Trait.IMPLICIT),
                Visibility.PRIVATE,
                List.of(),
                null,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                span));
    }

    private void loaded(ModuleInfo m, Frame frame) {
        List<Statement> assigned = Stream.concat(
                        m.body.stream().filter(s -> s instanceof Code.Assign), decorated(m).stream())
                .toList();
        List<Statement> done =
                m.body.stream().filter(s -> !(s instanceof Code.Assign)).toList();
        String load = m.id() + "#load()";
        String main = m.id() + "#main()";
        Map<String, List<Value>> variables = new HashMap<>();
        if (!assigned.isEmpty()) {
            List<Fact> facts = new BodyFacts(this, frame, load, variables).read(assigned);
            operations.add(plain(load, m.id(), "load", Role.INITIALISER, facts, assigned, m.node.span()));
        }
        boolean runs = done.stream().anyMatch(s -> !Program.isText(s) && !(s instanceof Code.Nothing));
        if (runs) {
            List<Fact> facts = new BodyFacts(this, frame, main, variables).read(done);
            operations.add(plain(main, m.id(), "main", Role.ENTRY, facts, done, m.node.span()));
        }
    }

    /** That a function is decorated by one of the program's own is a call of that one. */
    private List<Statement> decorated(ModuleInfo m) {
        List<Statement> calls = new ArrayList<>();
        for (FunctionInfo o : m.functions) {
            for (Code.Expression d : o.node.decorators()) {
                Code.Expression named = d instanceof Code.Call c ? c.callee() : d;
                if (program.meaning(named, m, null) instanceof Program.OfFunction) {
                    Code.Argument given = new Code.Argument(null, new Code.Name(o.node.name(), d.span()), false);
                    calls.add(new Code.Do(new Code.Call(d, List.of(given), d.span()), d.span()));
                }
            }
        }
        return calls;
    }

    private Operation plain(
            String id, String owner, String name, Role role, List<Fact> facts, List<Statement> body, Span span) {
        return new Operation(
                id,
                owner,
                name,
                role,
                EnumSet.of(Trait.STATIC, Trait.IMPLICIT),
                Visibility.PRIVATE,
                List.of(),
                null,
                List.of(),
                statements(body),
                List.of(),
                facts,
                span);
    }

    private void function(FunctionInfo o) {
        Frame frame = Frame.of(program, o);
        operations.add(operation(o, o.node.name(), Role.METHOD, Visibility.PUBLIC, List.of(), frame));
    }

    // classes

    private void type(ClassInfo c) {
        boolean isAbstract = isAbstract(c);
        boolean onlyPromises = isAbstract
                && c.hasOperations()
                && !c.operations.containsKey(dialect.constructor())
                && c.fields.values().stream().allMatch(f -> f.isStatic() || c.isPromise)
                && c.operations.values().stream().allMatch(o -> o.isAbstract)
                && c.ownBases().stream().allMatch(b -> b.isPromise || isAbstract(b));
        Type.Kind kind = c.isEnum
                ? Type.Kind.ENUM
                : c.isFunction
                        ? Type.Kind.FUNCTION_TYPE
                        : onlyPromises ? Type.Kind.INTERFACE : isAbstract ? Type.Kind.ABSTRACT_CLASS : Type.Kind.CLASS;
        List<String> constants = c.isEnum
                ? c.fields.values().stream()
                        .filter(f ->
                                f.isStatic() && f.initial() != null && !f.name().startsWith("_"))
                        .map(Program.FieldInfo::name)
                        .toList()
                : List.of();
        types.add(new Type(
                c.id,
                c.isLiteral && c.name.startsWith("object:") ? "anonymous" : c.name,
                kind,
                originOf(c),
                new Type.Flags(c.isLiteral, c.isUnion, false, visibility(c.node.name())),
                supertypes(c),
                c.enclosing == null ? null : c.enclosing.id,
                constants,
                c.node.span()));
        for (Program.FieldInfo f : c.fields.values()) {
            fields.add(new Field(
                    c.id + "#" + f.name(),
                    c.id,
                    f.name(),
                    constants.contains(f.name()) ? TypeRef.of(c.id, c.name) : flow.ofField(c, f.name()),
                    f.isStatic(),
                    !writes.outsideConstructor(c, f.name()),
                    constants.contains(f.name()),
                    // what nobody else writes is the class's own, whatever it is called
                    writes.byOthers(c, f.name()) ? visibility(f.name(), f.decorators()) : Visibility.PRIVATE,
                    f.span()));
        }
        initial(c);
        if (c.isLiteral) {
            makers(c);
        }
        if (kept.of(c) != null) {
            kept(c, kept.of(c));
        }
        Program.OfVariable keeper = writes.keeperOf(c);
        if (keeper != null) {
            keptByModule(c, keeper);
        }
        if (!c.operations.containsKey(dialect.constructor()) && !onlyPromises && !c.isShape) {
            implicitConstructor(c);
        }
        c.operations.values().forEach(o -> operation(c, o));
        c.setters.values().forEach(o -> operation(c, o));
        c.inner.forEach(this::type);
    }

    private static Type.Origin originOf(ClassInfo c) {
        if (c.isLiteral && c.name.startsWith("object:")) {
            return Type.Origin.ANONYMOUS;
        }
        boolean implied =
                c.node.decorators().stream().anyMatch(d -> Program.lastName(d).equals(Code.PROMISE));
        return implied ? Type.Origin.IMPLIED : Type.Origin.DECLARED;
    }

    /** What an operation does when it is called; what it writes only within something else is not written then. */
    private List<Fact> facts(FunctionInfo o, Frame frame, String id) {
        if (o.isAbstract) {
            return List.of();
        }
        List<Fact> all = new BodyFacts(this, frame, id, new HashMap<>()).read(o.node.body());
        boolean deferred =
                o.node.decorators().stream().anyMatch(d -> dialect.deferring().contains(Program.lastName(d)));
        return deferred ? all.stream().filter(f -> !(f instanceof Fact.Write)).toList() : all;
    }

    private List<TypeRef> supertypes(ClassInfo c) {
        List<TypeRef> above = new ArrayList<>();
        for (int i = 0; i < c.bases.size(); i++) {
            Program.Symbol b = c.bases.get(i);
            if (b instanceof Program.OfClass x) {
                above.add(TypeRef.of(x.type().id, x.type().name));
            } else if (b instanceof Program.OfLibrary l) {
                boolean says = !dialect.promises().contains(l.name())
                        && !dialect.abstractBases().contains(l.name())
                        && !l.name().equals("object")
                        && !l.name().startsWith("typing.");
                if (says) {
                    above.add(TypeRef.of(l.name(), c.baseTexts.get(i)));
                }
            } else {
                above.add(TypeRef.of(TypeRef.UNKNOWN, c.baseTexts.get(i)));
            }
        }
        fitted.getOrDefault(c, List.of()).forEach(p -> above.add(TypeRef.of(p.id, p.name)));
        flow.realisedBy(c.id).forEach(i -> above.add(TypeRef.of(i.id(), i.name())));
        return above;
    }

    private void initial(ClassInfo c) {
        List<Fact> facts = new ArrayList<>();
        Frame frame = Frame.of(c);
        String load = c.id + "#load()";
        BodyFacts body = new BodyFacts(this, frame, load, new HashMap<>());
        for (Program.FieldInfo f : c.fields.values()) {
            if (f.initial() != null && f.isStatic()) {
                Value v = body.valueOf(f.initial());
                facts.addAll(body.taken());
                facts.add(new Fact.Write(c.id + "#" + f.name(), UNKNOWN, v, f.span()));
            }
        }
        if (!facts.isEmpty()) {
            operations.add(plain(load, c.id, "load", Role.INITIALISER, facts, List.of(), c.node.span()));
        }
    }

    /** Functions of its module that give such an object out are ways to get one. */
    private void makers(ClassInfo c) {
        for (FunctionInfo f : c.module.functions) {
            boolean gives = f.node.body().stream()
                    .anyMatch(s -> s instanceof Code.Return r
                            && r.value() instanceof Code.Made made
                            && program.made(made) == c);
            if (gives) {
                List<Operation.Parameter> parameters = new ArrayList<>();
                for (int i = 0; i < f.node.parameters().size(); i++) {
                    parameters.add(
                            new Operation.Parameter(f.node.parameters().get(i).name(), flow.ofParameter(f, i)));
                }
                operations.add(new Operation(
                        Program.operationId(c.id, f.node.name(), parameters.size()),
                        c.id,
                        f.node.name(),
                        Role.METHOD,
                        EnumSet.of(Trait.STATIC, Trait.IMPLICIT),
                        Visibility.PUBLIC,
                        parameters,
                        TypeRef.of(c.id, c.name),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(),
                        f.node.span()));
            }
        }
    }

    /** Whether nobody but the class itself, what keeps its object, or the one line of a module makes objects of it. */
    private boolean isClosed(ClassInfo c) {
        return c.isLiteral
                || kept.of(c) != null
                || writes.makesItself(c) && (!writes.isMadeByOthers(c) || program.refusesOthers(c))
                || writes.isMadeByOneModule(c);
    }

    /** What keeps the object of a class stands there as if it were the class's own. */
    private void kept(ClassInfo c, KeptObjects.Kept k) {
        String field = c.id + "#" + k.field();
        String id = keptOperation(c, k);
        fields.add(new Field(
                field, c.id, k.field(), TypeRef.of(c.id, c.name), true, false, false, Visibility.PRIVATE, k.span()));
        Value kept = new Value.OfField(field, UNKNOWN);
        List<Fact> facts = new ArrayList<>();
        if (k.once()) {
            facts.add(new Fact.Read(field, UNKNOWN, k.span()));
            facts.add(new Fact.Branch(
                    Fact.Question.NULL,
                    kept,
                    null,
                    List.of(new Fact.Arm(k.span(), List.of(), true, false, false)),
                    k.span()));
        }
        facts.add(new Fact.Create(c.id, null, List.of(), k.span()));
        facts.add(new Fact.Write(field, UNKNOWN, new Value.New(c.id, k.span()), k.span()));
        facts.add(new Fact.Return(kept, k.span()));
        operations.add(new Operation(
                id,
                c.id,
                k.operation(),
                Role.METHOD,
                EnumSet.of(Trait.STATIC),
                Visibility.PUBLIC,
                List.of(),
                TypeRef.of(c.id, c.name),
                List.of(),
                List.of(),
                List.of(),
                facts,
                k.span()));
    }

    /** The one object that a module keeps for all who import it is as good as a constant of the class. */
    private void keptByModule(ClassInfo c, Program.OfVariable v) {
        Span span = v.module().variables.get(v.name());
        String field = c.id + "#" + v.name();
        fields.add(
                new Field(field, c.id, v.name(), TypeRef.of(c.id, c.name), true, true, false, Visibility.PUBLIC, span));
        List<Fact> facts = List.of(
                new Fact.Create(c.id, null, List.of(), span),
                new Fact.Write(field, UNKNOWN, new Value.New(c.id, span), span));
        operations.add(plain(c.id + "#kept()", c.id, "load", Role.INITIALISER, facts, List.of(), c.node.span()));
    }

    /** The operation that is asked for the object that is kept of a class; null where none is. */
    @Nullable
    String keptOperation(ClassInfo c) {
        KeptObjects.Kept k = kept.of(c);
        return k == null ? null : keptOperation(c, k);
    }

    private static String keptOperation(ClassInfo c, KeptObjects.Kept k) {
        return c.id + "#kept:" + k.operation() + "()";
    }

    /** Takes what the constructor above takes, where there is one. */
    private void implicitConstructor(ClassInfo c) {
        FunctionInfo above = program.operation(c, dialect.constructor()).orElse(null);
        boolean byParts = above == null || !c.recordParts.isEmpty();
        List<Code.Parameter> taken = byParts ? program.recordParts(c) : above.parameters(dialect);
        List<Code.Parameter> required = byParts ? program.requiredParts(c) : taken;
        implicitConstructor(c, above, taken);
        if (required.size() < taken.size()) {
            implicitConstructor(c, above, required);
        }
    }

    private void implicitConstructor(ClassInfo c, @Nullable FunctionInfo above, List<Code.Parameter> taken) {
        List<Operation.Parameter> parameters = new ArrayList<>();
        List<Value> handed = new ArrayList<>();
        List<Fact> facts = new ArrayList<>();
        String id = Program.operationId(c.id, dialect.constructor(), taken.size());
        for (int i = 0; i < taken.size(); i++) {
            String name = taken.get(i).name();
            ClassInfo owner = program.declaring(c, name);
            boolean part = c.isRecord && owner != null;
            handed.add(new Value.OfParameter(id, i));
            parameters.add(new Operation.Parameter(
                    name, part ? flow.ofField(owner, name) : above == null ? Flow.ANY : flow.ofParameter(above, i)));
            if (part) {
                facts.add(new Fact.Write(
                        owner.id + "#" + name,
                        new Value.Self(),
                        handed.get(i),
                        owner.fields.get(name).span()));
            }
        }
        if (above != null && c.recordParts.isEmpty()) {
            facts.add(new Fact.Call(idOf(above), above.node.name(), new Value.Self(), handed, false, c.node.span()));
        }
        operations.add(new Operation(
                id,
                c.id,
                c.node.name(),
                Role.CONSTRUCTOR,
                EnumSet.of(Trait.IMPLICIT),
                isClosed(c) ? Visibility.PRIVATE : Visibility.PUBLIC,
                parameters,
                null,
                List.of(),
                List.of(),
                List.of(),
                facts,
                c.node.span()));
    }

    private void operation(ClassInfo c, FunctionInfo o) {
        Frame frame = Frame.of(program, o);
        String name = o.isConstructor ? c.node.name() : o.node.name();
        Role role = o.isConstructor ? Role.CONSTRUCTOR : Role.METHOD;
        boolean keepsItself = o.isConstructor && isClosed(c);
        Visibility visibility = keepsItself ? Visibility.PRIVATE : visibility(o.node.name(), o.node.decorators());
        operations.add(operation(o, name, role, visibility, overridden(c, o), frame));
    }

    private Operation operation(
            FunctionInfo o, String name, Role role, Visibility visibility, List<String> overrides, Frame frame) {
        EnumSet<Trait> traits = EnumSet.noneOf(Trait.class);
        if (o.isStatic || o.isOfClass) {
            traits.add(Trait.STATIC);
        }
        if (o.isAbstract) {
            traits.add(Trait.ABSTRACT);
        }
        if (dialect.universal().contains(o.node.name())) {
            traits.add(Trait.UNIVERSAL);
        }
        List<Code.Parameter> given = o.parameters(dialect);
        List<Operation.Parameter> parameters = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            parameters.add(new Operation.Parameter(given.get(i).name(), flow.ofParameter(o, i)));
        }
        String id = idOf(o);
        BodyFacts defaults = new BodyFacts(this, frame, id, new HashMap<>());
        given.stream().map(Code.Parameter::initial).filter(e -> e != null).forEach(defaults::valueOf);
        noteResult(o);
        boolean gives = giving.contains(flow.keyOf(o));
        return new Operation(
                id,
                o.owner,
                name,
                role,
                traits,
                visibility,
                parameters,
                o.isConstructor || !gives ? null : flow.ofResult(o),
                overrides,
                statements(o.node.body()),
                List.of(),
                facts(o, frame, id),
                o.node.span());
    }

    static String idOf(FunctionInfo o) {
        return o.isSetter ? o.id.replace("#" + o.node.name() + "(", "#" + o.node.name() + "=(") : o.id;
    }

    private void noteResult(FunctionInfo o) {
        boolean declared = o.node.result() != null && !(o.node.result() instanceof Code.None);
        if (declared || gives(o.node.body())) {
            giving.add(flow.keyOf(o));
        }
    }

    /** Whether something is given back, in any of the branches. */
    static boolean gives(List<Statement> body) {
        return body.stream()
                .anyMatch(s -> s instanceof Code.Return r && r.value() != null && !(r.value() instanceof Code.None)
                        || s instanceof Code.If i && (gives(i.then()) || gives(i.otherwise()))
                        || s instanceof Code.ForEach f && gives(f.body())
                        || s instanceof Code.While w && gives(w.body())
                        || s instanceof Code.Block b && gives(b.body())
                        || s instanceof Code.Match m && m.cases().stream().anyMatch(c -> gives(c.body())));
    }

    private List<String> overridden(ClassInfo c, FunctionInfo o) {
        List<String> ids = new ArrayList<>();
        if (o.isConstructor || o.isStatic) {
            return ids;
        }
        List<ClassInfo> above = new ArrayList<>(program.line(c));
        above.remove(c);
        program.line(c).forEach(x -> above.addAll(fitted.getOrDefault(x, List.of())));
        for (ClassInfo x : above) {
            FunctionInfo there = (o.isSetter ? x.setters : x.operations).get(o.node.name());
            if (there != null && !ids.contains(idOf(there))) {
                ids.add(idOf(there));
            }
        }
        for (ClassInfo x : program.classes.values()) {
            // what an object of a class below is asked may be answered here
            if (program.isBelow(x, c)) {
                for (Implied i : flow.realisedBy(x.id)) {
                    String id = impliedId(i, o.node.name());
                    if (i.operations().contains(o.node.name()) && !ids.contains(id)) {
                        ids.add(id);
                    }
                }
            }
        }
        return ids;
    }

    // what nobody wrote down

    private void imply(Implied i) {
        types.add(new Type(
                i.id(),
                i.name(),
                i.isFunction() ? Type.Kind.FUNCTION_TYPE : Type.Kind.INTERFACE,
                Type.Origin.IMPLIED,
                new Type.Flags(false, false, false, Visibility.PUBLIC),
                List.of(),
                null,
                List.of(),
                null));
        for (String name : i.operations()) {
            List<Operation.Parameter> parameters = new ArrayList<>();
            TypeRef result = null;
            if (i.isFunction()) {
                int arity = flow.arityOf(i);
                FunctionValue like = i.realisedBy().stream()
                        .map(flow::function)
                        .filter(f -> f != null)
                        .findFirst()
                        .orElse(null);
                for (int p = 0; p < arity; p++) {
                    String named = like != null && p < like.parameters().size()
                            ? like.parameters().get(p).name()
                            : "argument" + (p + 1);
                    parameters.add(new Operation.Parameter(named, like == null ? Flow.ANY : flow.ofParameter(like, p)));
                }
                result = like == null || givesBack(like) ? like == null ? Flow.ANY : flow.ofResult(like) : null;
            } else {
                FunctionInfo like = like(i, name);
                if (like != null) {
                    List<Code.Parameter> given = like.parameters(dialect);
                    for (int p = 0; p < given.size(); p++) {
                        parameters.add(new Operation.Parameter(given.get(p).name(), flow.ofParameter(like, p)));
                    }
                    FunctionInfo gives = answering(i, name);
                    result = gives == null ? null : flow.ofResult(gives);
                }
            }
            operations.add(new Operation(
                    impliedId(i, name),
                    i.id(),
                    name,
                    Role.METHOD,
                    EnumSet.of(Trait.ABSTRACT),
                    Visibility.PUBLIC,
                    parameters,
                    result,
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    null));
        }
    }

    /** One that does what is asked: where some leave out what they have no use for, one that takes all of it; null for none. */
    private @Nullable FunctionInfo like(Implied i, String name) {
        FunctionInfo like = null;
        for (String id : i.realisedBy()) {
            ClassInfo c = program.classes.get(id);
            FunctionInfo o = c == null ? null : program.operation(c, name).orElse(null);
            boolean takesMore = like != null && o != null && dialect.dropsArguments() && needs(o) > needs(like);
            like = like == null || takesMore ? o : like;
        }
        return like;
    }

    private long needs(FunctionInfo o) {
        return o.parameters(dialect).stream().filter(p -> p.initial() == null).count();
    }

    /** One of those that give something back when they are asked; null where none does. */
    private @Nullable FunctionInfo answering(Implied i, String name) {
        return i.realisedBy().stream()
                .map(program.classes::get)
                .filter(c -> c != null)
                .flatMap(c -> program.operation(c, name).stream())
                .filter(o -> giving.contains(flow.keyOf(o)))
                .findFirst()
                .orElse(null);
    }

    private boolean givesBack(FunctionValue f) {
        return f.operation() != null
                ? giving.contains(flow.keyOf(f.operation()))
                        || gives(f.operation().node.body())
                : f.named() != null || gives(f.body());
    }

    String impliedId(Implied i, String name) {
        int parameters = i.isFunction() ? flow.arityOf(i) : parametersOf(i, name);
        return Program.operationId(i.id(), name, parameters);
    }

    private int parametersOf(Implied i, String name) {
        FunctionInfo like = like(i, name);
        return like == null ? 0 : like.parameters(dialect).size();
    }

    // functions as values

    /** Writes down a function that stands as a value, with what it does. */
    void functionValue(FunctionValue f, String around, List<Fact> body) {
        if (!written.add(f.id())) {
            return;
        }
        List<TypeRef> above = new ArrayList<>();
        List<String> overrides = new ArrayList<>();
        for (Implied i : flow.realisedBy(f.id())) {
            above.add(TypeRef.of(i.id(), i.name()));
            overrides.add(impliedId(i, Flow.CALL));
        }
        for (ClassInfo c : flow.keptBy(f.id())) {
            above.add(TypeRef.of(c.id, c.name));
            program.operation(c, Flow.CALL).ifPresent(o -> overrides.add(o.id));
        }
        // an operation of an object that is handed over stands for the object
        boolean ofObject = f.bound() != null && f.operation() != null && f.operation().type != null;
        types.add(new Type(
                f.id(),
                ofObject ? f.operation().type.name : "lambda",
                Type.Kind.CLASS,
                Type.Origin.LAMBDA,
                new Type.Flags(true, false, false, Visibility.PRIVATE),
                above,
                around,
                List.of(),
                f.span()));
        List<Operation.Parameter> parameters = new ArrayList<>();
        for (int i = 0; i < f.parameters().size(); i++) {
            parameters.add(new Operation.Parameter(f.parameters().get(i).name(), flow.ofParameter(f, i)));
        }
        operations.add(new Operation(
                operationOf(f),
                f.id(),
                Flow.CALL,
                Role.METHOD,
                Set.of(),
                Visibility.PUBLIC,
                parameters,
                givesBack(f) ? flow.ofResult(f) : null,
                overrides,
                List.of(),
                List.of(),
                body,
                f.span()));
    }

    static String operationOf(FunctionValue f) {
        return Program.operationId(f.id(), Flow.CALL, f.parameters().size());
    }

    // text

    private List<Operation.Statement> statements(List<Statement> body) {
        List<Operation.Statement> all = new ArrayList<>();
        body.forEach(s -> statement(s, all));
        return all;
    }

    private void statement(Statement s, List<Operation.Statement> into) {
        if (Program.isText(s) || s instanceof Code.Function || s instanceof Code.ClassDefinition) {
            return;
        }
        List<Statement> inside = inside(s);
        Span span = s.span();
        int end = inside.isEmpty()
                ? span.to()
                : Math.min(span.to(), inside.get(0).span().from());
        String text = texts.getOrDefault(span.file(), "");
        String written = text.isEmpty() || end > text.length()
                ? ""
                : text.substring(span.from(), end)
                        .replaceAll("#[^\n]*", "")
                        .replaceAll("\\s+", " ")
                        .strip();
        boolean light =
                s instanceof Code.Leave || s instanceof Code.Nothing || s instanceof Code.Return r && r.value() == null;
        if (!(s instanceof Code.Block)) {
            into.add(new Operation.Statement(written, light ? 0 : 1, span));
        }
        inside.forEach(x -> statement(x, into));
    }

    private static List<Statement> inside(Statement s) {
        List<Statement> all = new ArrayList<>();
        if (s instanceof Code.If i) {
            all.addAll(i.then());
            all.addAll(i.otherwise());
        } else if (s instanceof Code.ForEach f) {
            all.addAll(f.body());
        } else if (s instanceof Code.While w) {
            all.addAll(w.body());
        } else if (s instanceof Code.Block b) {
            all.addAll(b.body());
        } else if (s instanceof Code.Match m) {
            m.cases().forEach(c -> all.addAll(c.body()));
        }
        return all;
    }

    private Visibility visibility(String name, List<Expression> decorators) {
        for (Expression d : decorators) {
            if (dialect.hiding(true).contains(Program.lastName(d))) {
                return Visibility.PRIVATE;
            } else if (dialect.hiding(false).contains(Program.lastName(d))) {
                return Visibility.PROTECTED;
            }
        }
        return visibility(name);
    }

    private Visibility visibility(String name) {
        return dialect.isPrivate(name) ? Visibility.PRIVATE : Visibility.PUBLIC;
    }

    Program program() {
        return program;
    }

    Flow flow() {
        return flow;
    }
}
