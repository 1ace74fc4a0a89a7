package hausaufgabe.core.notation;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A pattern with the places of its text.
 *
 * @param blocks what the file declares, in its order; what a form asks for stands inside the form's block and has one too
 * @param lines the line of each part, from 1, by the name of its place: {@code require held}, {@code require held 2} for
 *     its second condition, {@code require held hint}, {@code form passed on require held}, {@code scenario x 3}
 * @param mentions every place outside of sentences where a role, a member or a requirement is named
 */
public record PatternOutline(
        DesignPattern pattern, List<Block> blocks, Map<String, Integer> lines, List<Mention> mentions) {

    /** Where a name stands; line and column from 1. */
    public record Mention(String name, Sort sort, int line, int column) {

        /** What is named; a requirement's name takes none away from roles and members. */
        public enum Sort {
            ROLE_OR_MEMBER,
            REQUIREMENT
        }
    }

    /**
     * The lines of something declared.
     *
     * @param opener the word it begins with
     * @param place name of its place
     * @param from first line, from 1
     * @param to last line
     */
    public record Block(String opener, String place, int from, int to) {

        /** Whether something of the other's sort may change places with it. */
        boolean isAlike(Block other) {
            return group().equals(other.group());
        }

        private String group() {
            int own = place.lastIndexOf("require ");
            return opener.equals("require") || opener.equals("forbid") ? place.substring(0, Math.max(0, own)) : opener;
        }
    }

    public Optional<Block> block(String place) {
        return blocks.stream().filter(b -> b.place().equals(place)).findFirst();
    }
}
