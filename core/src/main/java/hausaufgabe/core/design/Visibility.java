package hausaufgabe.core.design;

/** Who can see a type, field or operation; UML's four. */
public enum Visibility {
    PUBLIC,
    PROTECTED,
    PACKAGE,
    PRIVATE
}
