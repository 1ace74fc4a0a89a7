package hausaufgabe.core.matching.relation;

import hausaufgabe.core.notation.Vocabulary;
import java.util.stream.Stream;

/** Everything the notation can say: all relations that can be judged. */
public final class StandardVocabulary {

    public static final Vocabulary INSTANCE = new Vocabulary(
            Stream.of(TypeRelations.ALL, PatternRelations.ALL, FieldRelations.ALL, OperationRelations.ALL)
                    .flatMap(all -> all.stream())
                    .toList());

    private StandardVocabulary() {}
}
