package hausaufgabe.core.notation;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class SpellingTest {

    @Test
    void countsLettersAddedLeftOutAndChanged() {
        assertEquals(0, Spelling.distance("Role", "role"));
        assertEquals(1, Spelling.distance("rle", "role"));
        assertEquals(4, Spelling.distance("", "pier"));
        assertEquals(2, Spelling.distance("requrie", "require"));
    }

    @Test
    void suggestsOnlyWhatIsNear() {
        List<String> known = List.of("require", "forbid", "form");

        assertEquals(Optional.of("require"), Spelling.nearest("requrie", known));
        assertEquals(Optional.empty(), Spelling.nearest("lighthouse", known));
        assertEquals(Optional.empty(), Spelling.nearest("", known));
    }
}
