package hausaufgabe.language.java;

import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads a program on where all it lacks is the import of an everyday type of the platform. It does not compile so, and is told
 * that; but what it means is plain, and its design can be read. Only types whose names hardly anybody gives to a type of their
 * own are taken, and only where the program has none of that name.
 */
final class KnownImports {

    private static final Map<String, String> PACKAGES = packages(
            "java.util",
            "List ArrayList LinkedList Collection Collections Map HashMap LinkedHashMap TreeMap SortedMap EnumMap Set HashSet"
                    + " LinkedHashSet TreeSet SortedSet EnumSet Queue Deque ArrayDeque PriorityQueue Iterator ListIterator"
                    + " Vector Stack Hashtable Enumeration Arrays Objects Optional Comparator Random Scanner Locale UUID"
                    + " StringJoiner NoSuchElementException ConcurrentModificationException",
            "java.util.function",
            "Function BiFunction Supplier Consumer BiConsumer Predicate BiPredicate UnaryOperator BinaryOperator"
                    + " IntFunction IntPredicate IntUnaryOperator IntBinaryOperator IntConsumer IntSupplier ToIntFunction"
                    + " DoubleUnaryOperator DoubleBinaryOperator DoubleSupplier ToDoubleFunction ToLongFunction"
                    + " LongUnaryOperator BooleanSupplier DoubleFunction DoublePredicate DoubleConsumer",
            "java.util.stream",
            "Collectors Stream IntStream DoubleStream LongStream",
            "java.util.concurrent",
            "ConcurrentHashMap CopyOnWriteArrayList CopyOnWriteArraySet ConcurrentLinkedQueue TimeUnit",
            "java.util.concurrent.atomic",
            "AtomicInteger AtomicLong AtomicBoolean AtomicReference",
            "java.math",
            "BigDecimal BigInteger RoundingMode",
            "java.time",
            "LocalDate LocalTime LocalDateTime Duration Instant DayOfWeek");
    private static final Pattern MISSING =
            Pattern.compile("cannot find symbol\\s+symbol:\\s+(?:class|variable|interface) (\\w+)");
    private static final Pattern PACKAGE =
            Pattern.compile("\\A(?:\\s|/\\*.*?\\*/|//[^\\n]*\\n)*package\\s[^;]*;", Pattern.DOTALL);

    private KnownImports() {}

    private static Map<String, String> packages(String... namesByPackage) {
        Map<String, String> all = new LinkedHashMap<>();
        for (int i = 0; i < namesByPackage.length; i += 2) {
            for (String name : namesByPackage[i + 1].split(" ")) {
                all.put(name, namesByPackage[i]);
            }
        }
        return all;
    }

    /**
     * The same sources with what they lack imported, line by line as they were.
     *
     * @param errors what the compiler said of them
     * @return empty where no such import is lacking
     */
    static List<SourceFile> added(List<SourceFile> sources, List<CheckReport.Diagnostic> errors) {
        Map<String, Set<String>> lacking = new LinkedHashMap<>();
        for (CheckReport.Diagnostic d : errors) {
            Matcher m = MISSING.matcher(d.message());
            if (m.find() && PACKAGES.containsKey(m.group(1)) && !isDeclared(m.group(1), sources)) {
                lacking.computeIfAbsent(d.file(), f -> new TreeSet<>()).add(m.group(1));
            }
        }
        if (lacking.isEmpty()) {
            return List.of();
        }
        List<SourceFile> all = new ArrayList<>();
        for (SourceFile s : sources) {
            Set<String> names = lacking.getOrDefault(s.path(), Set.of());
            StringBuilder imports = new StringBuilder();
            names.forEach(n -> imports.append("import ")
                    .append(PACKAGES.get(n))
                    .append('.')
                    .append(n)
                    .append(';'));
            Matcher declared = PACKAGE.matcher(s.text());
            int at = declared.find() ? declared.end() : 0;
            all.add(new SourceFile(
                    s.path(), s.text().substring(0, at) + imports + s.text().substring(at)));
        }
        return all;
    }

    private static boolean isDeclared(String name, List<SourceFile> sources) {
        Pattern declaration = Pattern.compile("\\b(class|interface|enum|record)\\s+" + name + "\\b");
        return sources.stream().anyMatch(s -> declaration.matcher(s.text()).find());
    }
}
