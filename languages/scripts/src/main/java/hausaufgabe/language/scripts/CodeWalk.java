package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Span;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** Goes through code with all that stands in it. */
public final class CodeWalk {

    private static final Map<Class<?>, RecordComponent[]> PARTS = new ConcurrentHashMap<>();

    private CodeWalk() {}

    /** @param enters told of each part; says whether what stands in it is gone through as well */
    public static void through(@Nullable Object part, Predicate<Record> enters) {
        if (part instanceof List<?> all) {
            all.forEach(x -> through(x, enters));
        } else if (part instanceof Record r && enters.test(r)) {
            for (RecordComponent c : PARTS.computeIfAbsent(r.getClass(), Class::getRecordComponents)) {
                Class<?> type = c.getType();
                boolean inside = List.class.isAssignableFrom(type)
                        || Record.class.isAssignableFrom(type)
                        || type == Code.Expression.class
                        || type == Code.Statement.class;
                if (inside) {
                    through(read(c, r), enters);
                }
            }
        }
    }

    /**
     * The same code with some parts replaced.
     *
     * @param replace gives what stands in a part's place; null where it stays, and what stands in it is looked at
     */
    @SuppressWarnings("unchecked")
    public static <T> T replaced(T part, UnaryOperator<@Nullable Record> replace) {
        if (part instanceof List<?> all) {
            List<Object> made = new ArrayList<>();
            boolean same = true;
            for (Object x : all) {
                Object y = replaced(x, replace);
                made.add(y);
                same &= x == y;
            }
            return same ? part : (T) List.copyOf(made);
        }
        if (!(part instanceof Record r) || part instanceof Span) {
            return part;
        }
        Record other = replace.apply(r);
        return other != null ? (T) other : (T) rebuilt(r, replace);
    }

    private static Record rebuilt(Record r, UnaryOperator<@Nullable Record> replace) {
        RecordComponent[] parts = PARTS.computeIfAbsent(r.getClass(), Class::getRecordComponents);
        Object[] values = new Object[parts.length];
        Class<?>[] types = new Class<?>[parts.length];
        boolean same = true;
        for (int i = 0; i < parts.length; i++) {
            Object before = read(parts[i], r);
            values[i] = before == null ? null : replaced(before, replace);
            types[i] = parts[i].getType();
            same &= values[i] == before;
        }
        if (same) {
            return r;
        }
        try {
            return (Record) r.getClass().getDeclaredConstructor(types).newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static @Nullable Object read(RecordComponent c, Record r) {
        try {
            return c.getAccessor().invoke(r);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
