package hausaufgabe.language.java;

import com.sun.source.tree.ClassTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.Trees;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.language.SourceFile;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.tools.ToolProvider;

/** Ways to write the same program differently, so that nothing about its design changes. */
final class Rewriting {
    private static final Pattern WORD = Pattern.compile(
            "\"(?:\\\\.|[^\"\\\\])*\"|'(?:\\\\.|[^'\\\\])*'|//[^\n]*|/\\*.*?\\*/|[A-Za-z_$][A-Za-z0-9_$]*",
            Pattern.DOTALL);

    private Rewriting() {}

    /** Other names for all types, operations and fields that nobody outside prescribes. */
    static List<SourceFile> renamed(List<SourceFile> sources, Design design) {
        Map<String, String> names = newNames(design);
        List<SourceFile> all = new ArrayList<>();
        for (SourceFile s : sources) {
            String text = WORD.matcher(s.text()).replaceAll(m -> Matcher.quoteReplacement(name(m.group(), names)));
            String file = s.path().substring(s.path().lastIndexOf('/') + 1).replace(".java", "");
            all.add(new SourceFile(s.path().replace(file + ".java", names.getOrDefault(file, file) + ".java"), text));
        }
        return all;
    }

    private static String name(String word, Map<String, String> names) {
        return names.getOrDefault(word, word);
    }

    private static Map<String, String> newNames(Design design) {
        Set<String> taken = new HashSet<>(Set.of("main", "args", "String", "values", "valueOf", "name", "ordinal"));
        for (Operation o : design.operations()) {
            boolean prescribed = o.overrides().stream()
                    .anyMatch(id ->
                            design.operation(id).filter(x -> x.span() == null).isPresent());
            boolean ofObject = Set.of("toString", "equals", "hashCode", "clone", "compareTo", "close", "readResolve")
                    .contains(o.name());
            if (prescribed || ofObject || o.span() == null) {
                taken.add(o.name());
            }
            o.body().forEach(f -> {
                if (f instanceof Fact.Library l) {
                    taken.add(l.name());
                }
            });
        }
        // a package, a parameter or an import may bear the name as well; then it is left alone
        Map<String, String> names = new LinkedHashMap<>();
        int next = 0;
        for (Type t : design.types()) {
            if (t.origin() == Type.Origin.DECLARED) {
                names.putIfAbsent(t.name().substring(t.name().lastIndexOf('.') + 1), "Q" + next++);
            }
        }
        for (Type t : design.types()) {
            for (Operation o : design.operationsOf(t)) {
                if (o.isMethod() && t.isOwn() && !taken.contains(o.name())) {
                    names.putIfAbsent(o.name(), "q" + next++);
                }
            }
            design.fieldsOf(t).stream()
                    .filter(f -> !taken.contains(f.name()))
                    .forEach(f -> names.putIfAbsent(f.name(), "f" + names.size()));
        }
        names.keySet().removeIf(taken::contains);
        return names;
    }

    /** Every class's operations the other way round. */
    static List<SourceFile> turnedRound(List<SourceFile> sources) {
        return sources.stream()
                .map(s -> new SourceFile(s.path(), turnedRound(s.text())))
                .toList();
    }

    private static String turnedRound(String text) {
        StringBuilder out = new StringBuilder();
        int at = 0;
        for (Outline.Span[] methods : Outline.of(text).methods()) {
            for (int i = 0; i < methods.length; i++) {
                Outline.Span here = methods[i];
                Outline.Span other = methods[methods.length - 1 - i];
                out.append(text, at, here.from()).append(text, other.from(), other.to());
                at = here.to();
            }
        }
        return out.append(text.substring(at)).toString();
    }

    /** In a package, or one deeper. */
    static List<SourceFile> inAPackage(List<SourceFile> sources) {
        return sources.stream()
                .map(s -> new SourceFile(
                        s.path(),
                        s.text().contains("package ")
                                ? s.text().replaceFirst("package ([a-z.0-9]+);", "package nord.$1;")
                                : "package nord.hafen;\n" + s.text()))
                .toList();
    }

    /** Everything inside one class; only for a single file without a package. */
    static List<SourceFile> nested(SourceFile source) {
        Outline outline = Outline.of(source.text());
        StringBuilder out = new StringBuilder(source.text().substring(0, outline.start()));
        out.append("class Umschlag {\n");
        for (int i = 0; i < outline.types().size(); i++) {
            Outline.Span t = outline.types().get(i);
            String declaration = source.text().substring(t.from(), t.to());
            out.append(declaration.startsWith("static ") ? "" : "static ")
                    .append(declaration)
                    .append('\n');
        }
        return List.of(new SourceFile("Umschlag.java", out.append("}\n").toString()));
    }

    /** Where things stand in a text. */
    record Outline(int start, List<Span> types, List<Span[]> methods) {
        record Span(int from, int to) {}

        static Outline of(String text) {
            JavacTask task = (JavacTask) ToolProvider.getSystemJavaCompiler()
                    .getTask(
                            null,
                            null,
                            d -> {},
                            List.of("-proc:none"),
                            null,
                            List.of(new MemoryFiles.Source(new SourceFile("A.java", text))));
            try {
                CompilationUnitTree unit = task.parse().iterator().next();
                SourcePositions places = Trees.instance(task).getSourcePositions();
                List<Span> types = new ArrayList<>();
                List<Span[]> methods = new ArrayList<>();
                for (Tree t : unit.getTypeDecls()) {
                    if (t instanceof ClassTree c) {
                        types.add(span(places, unit, t));
                        methods.add(c.getMembers().stream()
                                .filter(MethodTree.class::isInstance)
                                .map(m -> span(places, unit, m))
                                .toArray(Span[]::new));
                    }
                }
                return new Outline(types.isEmpty() ? 0 : types.get(0).from(), types, methods);
            } catch (IOException e) {
                throw new AssertionError(e);
            }
        }

        private static Span span(SourcePositions places, CompilationUnitTree unit, Tree tree) {
            return new Span((int) places.getStartPosition(unit, tree), (int) places.getEndPosition(unit, tree));
        }
    }
}
