package hausaufgabe.language.java.running;

import hausaufgabe.core.driver.Event.Signature;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.objectweb.asm.Type;

/** How operations are told apart in messages: {@code name(parameter types)result type}, as
 * they are after erasure, the result left out where there is none. */
final class OperationKeys {

    private OperationKeys() {}

    static String of(String name, String descriptor) {
        String parameters = Arrays.stream(Type.getArgumentTypes(descriptor))
                .map(Type::getClassName)
                .collect(Collectors.joining(","));
        Type result = Type.getReturnType(descriptor);
        String shown = name.equals("<init>") ? Signature.CONSTRUCTOR : name;
        return shown + "(" + parameters + ")" + (result == Type.VOID_TYPE ? "" : result.getClassName());
    }
}
