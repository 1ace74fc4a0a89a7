package hausaufgabe.core.matching.analysis;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A mark that two programs share just where they are equal but for the names in them, for comments and spacing, and for the
 * order of types and operations. What was handed out is left out of it.
 */
public final class NameFreePrint {

    /** Statements below which programs are too small for their being equal to say anything. */
    private static final int LEAST = 12;

    private static final Pattern WORD =
            Pattern.compile("\"(?:\\\\.|[^\"\\\\])*\"|'(?:\\\\.|[^'\\\\])*'|(\\.\\s*)?([\\p{L}_$][\\p{L}\\p{N}_$]*)");

    private final Predicate<String> reserved;
    private final Set<String> declared = new HashSet<>();

    private NameFreePrint(Design design, Predicate<String> reserved) {
        this.reserved = reserved;
        for (Type t : own(design)) {
            declared.add(simple(t));
            design.fieldsOf(t).forEach(f -> declared.add(f.name()));
            for (Operation o : design.operationsOf(t)) {
                declared.add(o.name());
                o.parameters().forEach(p -> declared.add(p.name()));
            }
        }
    }

    /**
     * @param starter the code that was handed out; null where there was none
     * @param reserved whether a word is one of the language and no name
     * @return null where there is too little of one's own
     */
    public static @Nullable String of(Design design, @Nullable Design starter, Predicate<String> reserved) {
        Set<String> known = starter == null
                ? Set.of()
                : new HashSet<>(new NameFreePrint(starter, reserved).operations(starter, new int[1], Set.of()));
        int[] statements = new int[1];
        List<String> operations = new NameFreePrint(design, reserved).operations(design, statements, known);
        if (statements[0] < LEAST) {
            return null;
        }
        return digest(operations.stream().sorted().toList());
    }

    private static Collection<Type> own(Design design) {
        return design.types().stream().filter(Type::isOwn).toList();
    }

    private static String simple(Type t) {
        return t.name().substring(t.name().lastIndexOf('.') + 1);
    }

    private List<String> operations(Design design, int[] statements, Set<String> known) {
        List<String> all = new ArrayList<>();
        for (Type t : own(design)) {
            for (Operation o : design.operationsOf(t)) {
                if (o.span() == null || o.traits().contains(Operation.Trait.IMPLICIT)) {
                    continue;
                }
                String text = text(t, o);
                if (!known.contains(text)) {
                    all.add(text);
                    statements[0] += o.statements().size();
                }
            }
        }
        return all;
    }

    private String text(Type t, Operation o) {
        Map<String, String> names = new HashMap<>();
        StringBuilder text = new StringBuilder();
        text.append(t.kind()).append(' ').append(o.role()).append(' ').append(o.traits());
        o.parameters().forEach(p -> text.append('\n').append(free(p.type().text() + " " + p.name(), names)));
        if (o.result() != null) {
            text.append("\n= ").append(free(o.result().text(), names));
        }
        o.statements().forEach(s -> text.append('\n').append(free(s.text(), names)));
        return text.toString();
    }

    /** The text with a number in the place of each name, the same for the same name. */
    private String free(String text, Map<String, String> names) {
        Matcher m = WORD.matcher(text);
        StringBuilder free = new StringBuilder();
        while (m.find()) {
            String word = m.group(2);
            if (word == null) {
                m.appendReplacement(free, Matcher.quoteReplacement(m.group()));
            } else {
                String dot = m.group(1) == null ? "" : ".";
                String put = isName(word, !dot.isEmpty()) ? names.computeIfAbsent(word, w -> "#" + names.size()) : word;
                m.appendReplacement(free, Matcher.quoteReplacement(dot + put));
            }
        }
        m.appendTail(free);
        return free.toString().replaceAll("\\s+", " ");
    }

    /** Names of the program are free; what a library calls something is not. */
    private boolean isName(String word, boolean ofSomething) {
        return !reserved.test(word)
                && (declared.contains(word) || !ofSomething && !Character.isUpperCase(word.charAt(0)));
    }

    private static String digest(List<String> parts) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            for (String p : parts) {
                digest.update(p.getBytes(StandardCharsets.UTF_8));
                digest.update((byte) 0);
            }
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
