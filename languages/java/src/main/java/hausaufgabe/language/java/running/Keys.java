package hausaufgabe.language.java.running;

import java.util.Arrays;
import java.util.stream.Collectors;
import org.objectweb.asm.Type;

/** How operations are told apart in messages: {@code name(parameter types)result type}, as they are after erasure. */
final class Keys {

    private Keys() {}

    static String of(String name, String descriptor) {
        String parameters = Arrays.stream(Type.getArgumentTypes(descriptor))
                .map(Type::getClassName)
                .collect(Collectors.joining(","));
        return name + "(" + parameters + ")" + Type.getReturnType(descriptor).getClassName();
    }
}
