package hausaufgabe.core.scenario.value;

import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Input;

/** Makes a value of a type. */
interface ValueSource {

    /** @throws NoValueFound where none can be made */
    Input value(TypeRef wanted, ArgumentPool pool, Choice choice) throws NoValueFound, DriverLost;
}
