package hausaufgabe.language.scripts;

import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Code.Statement;
import hausaufgabe.language.scripts.Program.ClassInfo;
import hausaufgabe.language.scripts.Program.FunctionInfo;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Who writes what, and who makes what: in languages where nothing is closed to others, what others do tells what is. */
final class Writes {

    private final Program program;
    private final Set<String> later = new HashSet<>();
    private final Set<String> byOthers = new HashSet<>();
    private final Set<String> anybodys = new HashSet<>();
    private final Set<String> ofItself = new HashSet<>();
    private final Set<String> global = new HashSet<>();
    private final Set<String> ofOthers = new HashSet<>();
    private final Map<String, Integer> byModules = new HashMap<>();
    private final Map<String, Integer> assigned = new HashMap<>();
    private final Map<String, Integer> made = new HashMap<>();
    private final Map<String, Program.OfVariable> keepers = new HashMap<>();

    Writes(Program program) {
        this.program = program;
        for (Program.ModuleInfo m : program.modules.values()) {
            m.body.forEach(s -> {
                if (s instanceof Code.Assign a && a.target() instanceof Code.Name n) {
                    assigned.merge(m.id() + "." + n.name(), 1, Integer::sum);
                    ClassInfo made = a.value() == null ? null : madeBy(a.value(), m);
                    if (made != null) {
                        byModules.merge(made.id, 1, Integer::sum);
                        keepers.put(made.id, new Program.OfVariable(m, n.name()));
                        arguments(a.value()).forEach(x -> look(x.value(), null, null, m));
                        return;
                    }
                }
                look(s, null, null, m);
            });
            m.functions.forEach(o -> o.node.body().forEach(s -> look(s, null, o, m)));
        }
        for (ClassInfo c : program.classes.values()) {
            for (FunctionInfo o : c.operations.values()) {
                o.node.body().forEach(s -> look(s, c, o, c.module));
            }
            for (FunctionInfo o : c.setters.values()) {
                o.node.body().forEach(s -> look(s, c, o, c.module));
            }
        }
    }

    /** The class of the object that is made; null where none is. */
    private @Nullable ClassInfo madeBy(Expression e, Program.ModuleInfo m) {
        if (e instanceof Code.Made x) {
            return program.made(x);
        }
        return e instanceof Code.Call call && program.meaning(call.callee(), m, null) instanceof Program.OfClass k
                ? k.type()
                : null;
    }

    private static List<Code.Argument> arguments(Expression made) {
        return made instanceof Code.Made x ? x.arguments() : ((Code.Call) made).arguments();
    }

    /** Whether a field of the class is written after its object was made. */
    boolean outsideConstructor(ClassInfo c, String field) {
        return later.contains(c.id + "." + field) || anybodys.contains(field);
    }

    /** Whether it is written by others than its class and those below. */
    boolean byOthers(ClassInfo c, String field) {
        return byOthers.contains(c.id + "." + field) || anybodys.contains(field);
    }

    /** Whether the class makes objects of itself. */
    boolean makesItself(ClassInfo c) {
        return ofItself.contains(c.id) || c.operations.containsKey("__new__");
    }

    boolean isMadeByOthers(ClassInfo c) {
        return ofOthers.contains(c.id) && !c.operations.containsKey("__new__");
    }

    /** At how many places an object of the class is made. */
    int places(ClassInfo c) {
        return made.getOrDefault(c.id, 0) + byModules.getOrDefault(c.id, 0);
    }

    /** Whether all that is made of the class is one object, which a module keeps in a variable. */
    boolean isMadeByOneModule(ClassInfo c) {
        return keeperOf(c) != null;
    }

    /** The variable of a module that others import, which holds all that is made of the class; null where there is none. */
    Program.@Nullable OfVariable keeperOf(ClassInfo c) {
        Program.OfVariable v = keepers.get(c.id);
        boolean one = v != null && byModules.get(c.id) == 1 && !ofOthers.contains(c.id) && !ofItself.contains(c.id);
        return one
                        && isAssignedOnce(v.module(), v.name())
                        && program.modules.values().stream()
                                .filter(m -> m != v.module())
                                .anyMatch(m -> m.names.containsValue(v)
                                        || m.names.containsValue(new Program.OfModule(v.module())))
                ? v
                : null;
    }

    /** Whether a module's variable is given its value where it is declared, and nowhere else. */
    boolean isAssignedOnce(Program.ModuleInfo m, String variable) {
        return assigned.getOrDefault(m.id() + "." + variable, 0) == 1 && !global.contains(variable);
    }

    private void look(Statement s, @Nullable ClassInfo c, @Nullable FunctionInfo o, Program.ModuleInfo m) {
        if (s instanceof Code.Assign a) {
            written(a.target(), c, o, m);
            if (a.value() != null) {
                look(a.value(), c, o, m);
            }
        } else if (s instanceof Code.Return r && r.value() != null) {
            look(r.value(), c, o, m);
        } else if (s instanceof Code.Do d) {
            look(d.value(), c, o, m);
        } else if (s instanceof Code.If i) {
            look(i.condition(), c, o, m);
            i.then().forEach(x -> look(x, c, o, m));
            i.otherwise().forEach(x -> look(x, c, o, m));
        } else if (s instanceof Code.ForEach f) {
            look(f.container(), c, o, m);
            f.body().forEach(x -> look(x, c, o, m));
        } else if (s instanceof Code.While w) {
            look(w.condition(), c, o, m);
            w.body().forEach(x -> look(x, c, o, m));
        } else if (s instanceof Code.Block b) {
            b.body().forEach(x -> look(x, c, o, m));
        } else if (s instanceof Code.Match x) {
            x.cases().forEach(k -> k.body().forEach(y -> look(y, c, o, m)));
        } else if (s instanceof Code.Outer x) {
            global.addAll(x.names());
        } else if (s instanceof Code.Function f) {
            f.body().forEach(x -> look(x, c, o, m));
        }
    }

    private void written(Expression target, @Nullable ClassInfo c, @Nullable FunctionInfo o, Program.ModuleInfo m) {
        if (target instanceof Code.Display d) {
            d.items().forEach(i -> written(i, c, o, m));
        } else if (target instanceof Code.Member x) {
            boolean own = o != null
                    && c != null
                    && x.on() instanceof Code.Name n
                    && n.name().equals(o.self(program.dialect));
            ClassInfo named = x.on() instanceof Code.Name n && program.meaning(n, m, c) instanceof Program.OfClass k
                    ? k.type()
                    : null;
            ClassInfo type = own ? c : named;
            ClassInfo owner = type == null ? null : program.declaring(type, x.name());
            if (owner == null) {
                anybodys.add(x.name());
                return;
            }
            boolean inside = c != null && program.isBelow(c, owner);
            if (!inside) {
                byOthers.add(owner.id + "." + x.name());
            }
            if (o == null || !o.isConstructor) {
                later.add(owner.id + "." + x.name());
            }
        }
    }

    private void look(Expression e, @Nullable ClassInfo c, @Nullable FunctionInfo o, Program.ModuleInfo m) {
        if (e instanceof Code.Call call) {
            Expression asked =
                    call.callee() instanceof Code.Member x && x.name().equals("__new__") ? x.on() : call.callee();
            boolean itself = o != null
                    && o.isOfClass
                    && asked instanceof Code.Name n
                    && n.name().equals(o.self(program.dialect));
            if (itself && c != null) {
                ofItself.add(c.id);
            } else if (program.meaning(call.callee(), m, c) instanceof Program.OfClass k) {
                boolean inside = c != null && program.isBelow(c, k.type());
                (inside ? ofItself : ofOthers).add(k.type().id);
                made.merge(k.type().id, 1, Integer::sum);
            }
            look(call.callee(), c, o, m);
            call.arguments().forEach(a -> look(a.value(), c, o, m));
        } else if (e instanceof Code.Closure x) {
            x.body().forEach(s -> look(s, c, o, m));
        } else if (e instanceof Code.Made x) {
            ofOthers.add(program.made(x).id);
            made.merge(program.made(x).id, 1, Integer::sum);
            x.arguments().forEach(a -> look(a.value(), c, o, m));
        } else {
            inside(e).forEach(x -> look(x, c, o, m));
        }
    }

    private static List<Expression> inside(Expression e) {
        if (e instanceof Code.Member m) {
            return List.of(m.on());
        } else if (e instanceof Code.Operation o) {
            return o.operands();
        } else if (e instanceof Code.Choice c) {
            return List.of(c.condition(), c.then(), c.otherwise());
        } else if (e instanceof Code.Display d) {
            return d.items();
        } else if (e instanceof Code.Element x) {
            return x.index() == null ? List.of(x.container()) : List.of(x.container(), x.index());
        } else if (e instanceof Code.Comprehension c) {
            return List.of(c.element());
        } else if (e instanceof Code.Lambda l) {
            return List.of(l.body());
        } else if (e instanceof Code.Assigned a) {
            return List.of(a.value());
        }
        return e instanceof Code.Other o ? o.inside() : List.of();
    }
}
