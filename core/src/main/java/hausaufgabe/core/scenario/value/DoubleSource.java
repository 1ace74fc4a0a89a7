package hausaufgabe.core.scenario.value;

import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Program;
import java.util.Optional;

/** Makes objects that stand in for abstractions. */
public interface DoubleSource {

    /**
     * Something new that realises the type; nothing where no new type can, or its own constructor fails.
     *
     * @param round which of the values it is made with and answers with
     * @param depth how deep in the making of another object
     */
    Optional<ObjectRef> make(Type type, int round, int depth) throws DriverLost;

    /**
     * An object of a type that is added to the program.
     *
     * @param shown what it stands in for, in words
     * @throws NoValueFound when its constructor fails
     */
    ObjectRef construct(Program.Part part, String shown) throws NoValueFound, DriverLost;
}
