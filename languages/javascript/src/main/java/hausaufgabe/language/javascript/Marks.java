package hausaufgabe.language.javascript;

import hausaufgabe.core.design.Span;
import hausaufgabe.language.scripts.Code;
import hausaufgabe.language.scripts.Code.Expression;

/** What the language says by words of its own is said as decorators that nobody can write. */
final class Marks {

    static final String STATIC = "#static";
    static final String GETTER = "#getter";
    static final String ABSTRACT = "#abstract";
    static final String INTERFACE = "#interface";
    static final String FUNCTION = "#function";
    static final String UNION = Code.UNION;
    static final String ENUM = "#enum";
    static final String PRIVATE = "#private";
    static final String PROTECTED = "#protected";
    /** The decorator of what is written, by the name of what is read. */
    static final String SETTER = "setter";

    /** The name of the object inside an operation. */
    static final String THIS = "this";
    /** The name of the object inside a function that is written in it, where {@code this} is another one. */
    static final String OBJECT = "#object";
    /** The field of a written object that holds what {@code this} was around it. */
    static final String AROUND = "#around";
    /** What a module gives out as a whole. */
    static final String DEFAULT = "default";
    /** What a module gives out when it is asked for as a whole, as older modules are. */
    static final String WHOLE = Code.WHOLE;

    static final String CONSTRUCTOR = "constructor";
    static final String SUPER = "super";

    private Marks() {}

    static Expression mark(String name, Span span) {
        return new Code.Name(name, span);
    }
}
