package hausaufgabe.core.driver;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A compiled program, ready to be run and listened to. Types are told by their ids in the design. */
public interface Program {

    /** All that is to be loaded, by name; the program's operations tell when they are entered and left. */
    Map<String, byte[]> parts();

    /** Name of the part through which it tells what is entered, left and asked of doubles. */
    String tracer();

    /** Something new that realises a type; nothing where no new type can. */
    Optional<Part> doubleOf(String type);

    /** Something new that realises an abstraction of a library; nothing where no new type can. */
    Optional<Part> doubleOfLibrary(String type);

    /** Texts that the type's code mentions, in order. */
    List<String> texts(String type);

    /** Numbers that the type's code mentions, in order; the smallest few may be missing. */
    List<String> numbers(String type);

    /** Texts made in the shapes that the type's code asks texts to have, distinct; none where it asks for none. */
    List<String> shapedTexts(String type);

    /** One loadable part. */
    record Part(String name, byte[] content) {}
}
