package hausaufgabe.language.scripts;

import hausaufgabe.language.scripts.Code.Expression;
import hausaufgabe.language.scripts.Program.ClassInfo;
import hausaufgabe.language.scripts.Program.ModuleInfo;
import hausaufgabe.language.scripts.Program.Symbol;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What an annotation says. */
final class Declared {

    private final Program program;
    private final ModuleInfo module;
    private final @Nullable ClassInfo inside;

    Declared(Program program, ModuleInfo module, @Nullable ClassInfo inside) {
        this.program = program;
        this.module = module;
        this.inside = inside;
    }

    /** The type without the possibility that there is none. */
    Expression withoutNothing(Expression e) {
        if (e instanceof Code.Operation o && o.operator().equals("|")) {
            List<Expression> rest =
                    o.operands().stream().filter(x -> !(x instanceof Code.None)).toList();
            return rest.size() == 1 ? withoutNothing(rest.get(0)) : e;
        }
        if (e instanceof Code.Element x && Program.lastName(x.container()).equals("Optional") && x.index() != null) {
            return withoutNothing(x.index());
        }
        return e;
    }

    /** What a container contains; null where it is none, or that is not said. */
    @Nullable
    Expression content(Expression e) {
        if (!(e instanceof Code.Element x) || x.index() == null) {
            return null;
        }
        List<Expression> arguments = x.index() instanceof Code.Display d && d.kind() == Code.Display.Kind.TUPLE
                ? d.items()
                : List.of(x.index());
        int which = program.dialect.contained(Program.lastName(x.container()), arguments.size());
        return which < 0 || which >= arguments.size() ? null : withoutNothing(arguments.get(which));
    }

    /** What the keys of a map are; null where it is none, or that is not said. */
    @Nullable
    Expression key(Expression e) {
        return e instanceof Code.Element x
                        && x.index() instanceof Code.Display d
                        && d.items().size() == 2
                        && program.dialect.contained(Program.lastName(x.container()), 2) == 1
                ? d.items().get(0)
                : null;
    }

    Symbol of(Expression e) {
        Expression bare = e instanceof Code.Element x ? x.container() : e;
        return program.meaning(bare, module, inside);
    }
}
