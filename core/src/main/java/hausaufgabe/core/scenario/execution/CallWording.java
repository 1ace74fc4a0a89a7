package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.TypeToken;
import hausaufgabe.core.scenario.transcript.Code;
import hausaufgabe.core.scenario.transcript.ErrorText;
import hausaufgabe.core.scenario.value.Referent;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Calls and values as people read them, objects by the names the scenario gave them. */
public final class CallWording {

    private final Environment environment;

    public CallWording(Environment environment) {
        this.environment = environment;
    }

    /** @param name what the receiver is called; empty where it has no name */
    public String call(String name, Referent on, Operation o, List<Input> arguments) {
        String receiver = o.isStatic() && on.type() != null ? on.type().name() : name;
        String shown = arguments.stream().map(this::shown).collect(Collectors.joining(", "));
        return (receiver.isEmpty() ? "" : receiver + ".") + o.name() + "(" + shown + ")";
    }

    public String shown(Observed value) {
        if (value.ref() != null) {
            return environment.nameOf(value.ref()).orElse(value.text());
        }
        return value.kind() == Kind.TEXT ? '"' + ErrorText.shortened(value.text()) + '"' : value.text();
    }

    public String shown(Input input) {
        if (input instanceof Input.Simple s) {
            return s.kind() == Kind.TEXT ? '"' + s.text() + '"' : s.text();
        }
        if (input instanceof Input.Parsed p) {
            return p.text().isEmpty() ? "a " + TypeToken.simpleName(p.type()) : p.text();
        }
        if (input instanceof Input.Several s) {
            return s.items().stream().map(this::shown).toList().toString();
        }
        if (input instanceof ObjectRef r) {
            return environment.nameOf(r).orElse("a " + TypeToken.simpleName(r.type()));
        }
        return "null";
    }

    /** A type with the role it plays. */
    public static Code code(Type type, @Nullable String role) {
        return new Code(type.name(), role);
    }

    /** What a name stands for: its type, or the name where it has none. */
    static Code subject(Referent on, String name) {
        return on.type() == null ? Code.of(name) : code(on.type(), on.role());
    }

    public static String capitalised(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** The scenario's name for what a name of it stands for; empty where it has none. */
    String name(Referent on) {
        return on.object() == null ? "" : environment.nameOf(on.object()).orElse("");
    }
}
