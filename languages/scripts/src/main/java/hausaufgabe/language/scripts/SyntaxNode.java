package hausaufgabe.language.scripts;

import hausaufgabe.core.design.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.treesitter.TSLanguage;
import org.treesitter.TSNode;
import org.treesitter.TSParser;
import org.treesitter.TSTree;
import org.treesitter.TSTreeCursor;

/** A node of a grammar's tree. The parser's own nodes live outside the runtime and are dear to ask, so each is asked once. */
public final class SyntaxNode {

    private final String type;
    private final @Nullable String field;
    private final boolean named;
    private final boolean missing;
    private final Span span;
    private final String text;
    private final List<SyntaxNode> children;
    private final List<SyntaxNode> namedChildren;

    private SyntaxNode(
            String type,
            @Nullable String field,
            boolean named,
            boolean missing,
            Span span,
            String text,
            List<SyntaxNode> children) {
        this.type = type;
        this.field = field;
        this.named = named;
        this.missing = missing;
        this.span = span;
        this.text = text;
        this.children = children;
        this.namedChildren = children.stream()
                .filter(c -> c.named && !c.type.equals("comment"))
                .toList();
    }

    /** A language's grammar, with the names of what its trees consist of. */
    public static final class Grammar {

        private final TSLanguage language;
        private final Map<Integer, String> types = new ConcurrentHashMap<>();
        private final Map<Integer, String> fields = new ConcurrentHashMap<>();
        private final Map<Integer, Boolean> named = new ConcurrentHashMap<>();

        public Grammar(TSLanguage language) {
            this.language = language;
        }

        /** The root of a text's tree. */
        public SyntaxNode parse(SourceText text) {
            TSParser parser = new TSParser();
            parser.setLanguage(language);
            TSTree tree = parser.parseString(null, text.whole());
            TSNode root = tree.getRootNode();
            return node(new TSTreeCursor(root), text, root.hasError());
        }

        private SyntaxNode node(TSTreeCursor cursor, SourceText text, boolean broken) {
            TSNode n = cursor.currentNode();
            int symbol = n.getSymbol();
            int field = cursor.currentFieldId();
            List<SyntaxNode> children = new ArrayList<>();
            if (cursor.gotoFirstChild()) {
                do {
                    children.add(node(cursor, text, broken));
                } while (cursor.gotoNextSibling());
                cursor.gotoParent();
            }
            Span span = text.span(n.getStartByte(), n.getEndByte());
            return new SyntaxNode(
                    types.computeIfAbsent(symbol, s -> n.getType()),
                    field == 0 ? null : fields.computeIfAbsent(field, language::fieldNameForId),
                    named.computeIfAbsent(symbol, s -> n.isNamed()),
                    broken && n.isMissing(),
                    span,
                    text.whole(),
                    children);
        }
    }

    public String type() {
        return type;
    }

    public boolean is(String type) {
        return this.type.equals(type);
    }

    /** What it is to the node around it; null for nothing of its own. */
    public @Nullable String field() {
        return field;
    }

    /** Whether it is more than a sign or a word of the language. */
    public boolean isNamed() {
        return named;
    }

    /** Whether it should be there and is not. */
    public boolean isMissing() {
        return missing;
    }

    public Span span() {
        return span;
    }

    public String text() {
        return text.substring(span.from(), span.to());
    }

    public List<SyntaxNode> children() {
        return children;
    }

    /** Those that are more than signs, comments left out. */
    public List<SyntaxNode> named() {
        return namedChildren;
    }

    /** The first child that is that to it; null where none is. */
    public @Nullable SyntaxNode child(String field) {
        for (SyntaxNode c : children) {
            if (field.equals(c.field)) {
                return c;
            }
        }
        return null;
    }
}
