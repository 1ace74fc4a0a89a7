package hausaufgabe.language.scripts;

import hausaufgabe.language.scripts.Code.Statement;
import hausaufgabe.language.scripts.Program.ClassInfo;
import hausaufgabe.language.scripts.Program.FunctionInfo;
import hausaufgabe.language.scripts.Program.ModuleInfo;
import hausaufgabe.language.scripts.Program.Symbol;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Where a body stands: what its names can mean beside what its module declares. */
final class Frame {

    final ModuleInfo module;
    final @Nullable ClassInfo type;
    /** Tells its variables from those of other bodies. */
    final String key;
    /** The name of the object, or the class, that the operation is asked of; empty where there is none. */
    final String self;

    final boolean selfIsClass;
    final @Nullable Frame outer;
    final List<Code.Parameter> parameters;
    private final Set<String> locals = new HashSet<>();
    private final Set<String> global = new HashSet<>();
    private final Set<String> ofOuter = new HashSet<>();
    final Map<String, Symbol> imported = new HashMap<>();

    private Frame(
            ModuleInfo module,
            @Nullable ClassInfo type,
            String key,
            String self,
            boolean selfIsClass,
            @Nullable Frame outer,
            List<Code.Parameter> parameters) {
        this.module = module;
        this.type = type;
        this.key = key;
        this.self = self;
        this.selfIsClass = selfIsClass;
        this.outer = outer;
        this.parameters = parameters;
    }

    /** The body of a module. */
    static Frame of(Program program, ModuleInfo module) {
        Frame f = new Frame(module, null, module.id(), "", false, null, List.of());
        for (Statement s : module.body) {
            if (s instanceof Code.If i && Program.isEntry(i)) {
                // what is named only where the file is started is nobody else's
                f.collect(program, i.then());
            }
        }
        f.locals.removeAll(module.variables.keySet());
        return f;
    }

    /** What stands directly in a class. */
    static Frame of(ClassInfo type) {
        return new Frame(type.module, type, type.id, "", false, null, List.of());
    }

    static Frame of(Program program, FunctionInfo o) {
        Frame f = new Frame(
                o.module,
                o.type,
                o.isSetter ? o.id + "=" : o.id,
                o.self(program.dialect),
                o.isOfClass,
                null,
                o.parameters(program.dialect));
        f.collect(program, o.node.body());
        return f;
    }

    /** A function inside this body. */
    Frame inside(Program program, String id, List<Code.Parameter> parameters, List<Statement> body) {
        Frame f = new Frame(module, type, id, "", false, this, parameters);
        f.collect(program, body);
        return f;
    }

    private void collect(Program program, List<Statement> body) {
        for (Statement s : body) {
            if (s instanceof Code.Assign a) {
                Program.targets(a.target()).forEach(n -> locals.add(n.name()));
            } else if (s instanceof Code.ForEach x) {
                Program.targets(x.target()).forEach(n -> locals.add(n.name()));
                collect(program, x.body());
            } else if (s instanceof Code.While w) {
                collect(program, w.body());
            } else if (s instanceof Code.If i) {
                collect(program, i.then());
                collect(program, i.otherwise());
            } else if (s instanceof Code.Block b) {
                collect(program, b.body());
            } else if (s instanceof Code.Match m) {
                m.cases().forEach(c -> {
                    locals.addAll(c.bound());
                    collect(program, c.body());
                });
            } else if (s instanceof Code.Function inner) {
                locals.add(inner.name());
            } else if (s instanceof Code.Outer o) {
                (o.global() ? global : ofOuter).addAll(o.names());
            } else if (s instanceof Code.Import i && !"*".equals(i.name())) {
                imported.put(i.as(), program.meaning(module, i));
            }
        }
    }

    /** Whether a name is a variable or parameter of this body itself. */
    boolean isOwn(String name) {
        return !global.contains(name)
                && !ofOuter.contains(name)
                && (locals.contains(name)
                        || parameters.stream().anyMatch(p -> p.name().equals(name)));
    }

    /** A variable that a comprehension or the like brings along. */
    void add(String name) {
        locals.add(name);
    }

    /** The body that a variable belongs to: this one, or one around it; null where it is none's. */
    @Nullable
    Frame holding(String name) {
        if (global.contains(name)) {
            return null;
        }
        for (Frame f = this; f != null; f = f.outer) {
            if (f.isOwn(name)) {
                return f;
            }
        }
        return null;
    }

    /** The index of a parameter; -1 where it is none. */
    int parameter(String name) {
        for (int i = 0; i < parameters.size(); i++) {
            if (parameters.get(i).name().equals(name)) {
                return i;
            }
        }
        return -1;
    }

    /** The body in which a name stands for the object: this one, or one around it; null where it does not. */
    @Nullable
    Frame withSelf(String name) {
        for (Frame f = this; f != null; f = f.outer) {
            if (f.isOwn(name)) {
                return null;
            }
            if (!f.self.isEmpty() && f.self.equals(name)) {
                return f;
            }
        }
        return null;
    }

    /** What an import inside a body makes a name mean; null where none does. */
    @Nullable
    Symbol imported(String name) {
        for (Frame f = this; f != null; f = f.outer) {
            Symbol s = f.imported.get(name);
            if (s != null) {
                return s;
            }
        }
        return null;
    }
}
