package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.matching.judgement.Binding;
import hausaufgabe.core.scenario.transcript.Trace;
import hausaufgabe.core.scenario.value.Referent;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What the names of a scenario stand for so far. */
public final class Environment {

    private final Binding binding;
    private final Trace trace;
    private final Map<String, Referent> referents = new LinkedHashMap<>();

    public Environment(Binding binding, Trace trace) {
        this.binding = binding;
        this.trace = trace;
    }

    /** What a name stands for; a role whose operations are static stands for itself. */
    public Optional<Referent> find(String name) {
        return Optional.ofNullable(referents.get(name))
                .or(() -> binding.type(name).map(t -> Referent.made(name, t, null, false)));
    }

    /** @throws IllegalStateException where the name stands for nothing; the interpreter asks before each step */
    public Referent get(String name) {
        return find(name).orElseThrow(() -> new IllegalStateException("stands for nothing: " + name));
    }

    public void put(String name, Referent referent) {
        referents.put(name, referent);
        if (referent.object() != null) {
            trace.name(referent.object().id(), name);
        }
    }

    /** Everything that was given a name, in order. */
    public Map<String, Referent> all() {
        return Collections.unmodifiableMap(referents);
    }

    /** The name of an object, where it has one. */
    public Optional<String> nameOf(ObjectRef object) {
        return referents.entrySet().stream()
                .filter(e ->
                        e.getValue().object() != null && e.getValue().object().id() == object.id())
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** How many names stand for objects of the role. */
    int count(String role) {
        return (int)
                referents.values().stream().filter(r -> role.equals(r.role())).count();
    }
}
