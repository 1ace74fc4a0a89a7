package hausaufgabe.language.scripts;

import hausaufgabe.language.scripts.Program.ClassInfo;
import hausaufgabe.language.scripts.Program.ModuleInfo;
import java.util.HashSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Which classes are used as values, made or handed on, rather than extended, declared or asked for. */
final class UsedClasses {

    private final Program program;
    private final ModuleInfo module;
    private final Set<ClassInfo> found;

    private UsedClasses(Program program, ModuleInfo module, Set<ClassInfo> found) {
        this.program = program;
        this.module = module;
        this.found = found;
    }

    static Set<ClassInfo> of(Program program) {
        Set<ClassInfo> found = new HashSet<>();
        program.modules.values().forEach(m -> new UsedClasses(program, m, found).look(m.node.body()));
        return found;
    }

    private void look(@Nullable Object code) {
        CodeWalk.through(code, this::enters);
    }

    /** Looks at what is not to be gone through as a whole. */
    private boolean enters(Record part) {
        boolean names = part instanceof Code.Name || part instanceof Code.Member m && m.on() instanceof Code.Name;
        if (names) {
            // a member of a class that is named is done past the own override, or is the same for all
            if (program.meaning((Code.Expression) part, module, null) instanceof Program.OfClass c) {
                found.add(c.type());
            }
        } else if (part instanceof Code.ClassDefinition c) {
            look(c.decorators());
            look(c.body());
        } else if (part instanceof Code.Function f) {
            look(f.decorators());
            f.parameters().forEach(p -> look(p.initial()));
            look(f.body());
        } else if (part instanceof Code.Field f) {
            look(f.initial());
        } else if (part instanceof Code.Assign a) {
            look(a.target());
            look(a.value());
        } else if (part instanceof Code.Case c) {
            look(c.body());
        } else if (part instanceof Code.Call c && asksForType(c)) {
            look(c.arguments().get(0));
        } else {
            return true;
        }
        return false;
    }

    private boolean asksForType(Code.Call c) {
        return c.callee() instanceof Code.Name n
                && program.dialect.function(n.name()) == Dialect.FunctionUse.IS_A
                && !c.arguments().isEmpty();
    }
}
