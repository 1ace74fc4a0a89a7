package hausaufgabe.core.matching.relation;

import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.matching.judgement.Judgement;
import hausaufgabe.core.matching.judgement.Query;
import hausaufgabe.core.notation.Relation;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A relation with all that is known of it: its words and meaning, what it may be said of, how it is judged, what it hangs
 * on, and which types it can hold of at all.
 */
public final class JudgedRelation implements Relation {

    /** What of a type or an operation a relation hangs on: where that could not be resolved, it is not known. */
    public enum Scope {
        /**
         * Types that are known are always resolved where they are named, so what only asks for those hangs on nothing else.
         * So does what speaks against a program: what could not be resolved is no evidence of a mistake.
         */
        NOTHING,
        SUPERTYPES,
        DECLARATION,
        TEXT
    }

    /** Of which types a relation can hold at all, told by the role or operations it names first. */
    public enum Holders {
        ANY,
        /** What realises them. */
        BELOW,
        /** They themselves and what they realise. */
        ABOVE,
        /** They themselves. */
        NAMED,
        /** What they mention. */
        MENTIONED,
        /** What mentions them. */
        MENTIONING,
        /** What mentions those who declare the operations. */
        MENTIONING_OWNERS
    }

    /** @param <S> what it is asked of */
    @FunctionalInterface
    interface Rule<S> {
        Judgement judge(Analyses analyses, S subject, Query query);
    }

    private final String words;
    private final String meaning;
    private final @Nullable Rule<Type> ofType;
    private final @Nullable Rule<Field> ofField;
    private final @Nullable Rule<Operation> ofOperation;
    private final Scope scope;
    private final boolean ofRole;
    private final Holders holders;

    private JudgedRelation(
            String words,
            String meaning,
            @Nullable Rule<Type> ofType,
            @Nullable Rule<Field> ofField,
            @Nullable Rule<Operation> ofOperation,
            Scope scope,
            boolean ofRole,
            Holders holders) {
        this.words = words;
        this.meaning = meaning;
        this.ofType = ofType;
        this.ofField = ofField;
        this.ofOperation = ofOperation;
        this.scope = scope;
        this.ofRole = ofRole;
        this.holders = holders;
    }

    static JudgedRelation relation(String words, String meaning) {
        return new JudgedRelation(words, meaning, null, null, null, Scope.NOTHING, false, Holders.ANY);
    }

    JudgedRelation ofType(Rule<Type> how) {
        return new JudgedRelation(words, meaning, how, ofField, ofOperation, scope, ofRole, holders);
    }

    JudgedRelation ofField(Rule<Field> how) {
        return new JudgedRelation(words, meaning, ofType, how, ofOperation, scope, ofRole, holders);
    }

    JudgedRelation ofOperation(Rule<Operation> how) {
        return new JudgedRelation(words, meaning, ofType, ofField, how, scope, ofRole, holders);
    }

    JudgedRelation hangsOn(Scope on) {
        return new JudgedRelation(words, meaning, ofType, ofField, ofOperation, on, ofRole, holders);
    }

    /** It hangs on what the role's types are or do, rather than on what it is said of. */
    JudgedRelation ofWhatPlaysTheRole() {
        return new JudgedRelation(words, meaning, ofType, ofField, ofOperation, scope, true, holders);
    }

    JudgedRelation heldBy(Holders by) {
        return new JudgedRelation(words, meaning, ofType, ofField, ofOperation, scope, ofRole, by);
    }

    @Override
    public String words() {
        return words;
    }

    @Override
    public String meaning() {
        return meaning;
    }

    @Override
    public boolean isSaidOf(Subject subject) {
        return switch (subject) {
            case TYPE -> ofType != null;
            case FIELD -> ofField != null;
            case OPERATION -> ofOperation != null;
        };
    }

    public Scope scope() {
        return scope;
    }

    public boolean isOfRole() {
        return ofRole;
    }

    public Holders holders() {
        return holders;
    }

    public Judgement judge(Analyses analyses, Type type, Query query) {
        return Objects.requireNonNull(ofType, words).judge(analyses, type, query);
    }

    public Judgement judge(Analyses analyses, Field field, Query query) {
        return Objects.requireNonNull(ofField, words).judge(analyses, field, query);
    }

    public Judgement judge(Analyses analyses, Operation operation, Query query) {
        return Objects.requireNonNull(ofOperation, words).judge(analyses, operation, query);
    }

    @Override
    public String toString() {
        return words;
    }
}
