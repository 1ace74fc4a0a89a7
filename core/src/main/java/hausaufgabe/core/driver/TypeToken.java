package hausaufgabe.core.driver;

/** Tokens of types: names that a language's reader made and its driver understands, parts divided by dots or dollars. */
public final class TypeToken {

    private TypeToken() {}

    /** The last part, which is what a person calls the type. */
    public static String simpleName(String token) {
        return token.substring(Math.max(token.lastIndexOf('.'), token.lastIndexOf('$')) + 1);
    }
}
