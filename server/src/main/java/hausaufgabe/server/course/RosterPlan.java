package hausaufgabe.server.course;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What a roster would change in a course.
 *
 * @param fields what each column is
 * @param rows one for each student that the file lists
 * @param missing those in the course whom the file does not list
 */
record RosterPlan(RosterTable table, List<RosterField> fields, List<Row> rows, List<Student> missing) {

    /** What becomes of a line of a roster. */
    public enum What {
        ADD,
        CHANGE,
        /** Somebody who had left is in the course again. */
        BACK,
        SAME,
        LEFT_OUT
    }

    /**
     * A line of a roster.
     *
     * @param record which one of the file's, from 1; its first line counts
     * @param student as the line says; without an id
     * @param before as the course has it; null for somebody new
     * @param why why it is left out; null where it is not
     */
    record Row(long record, What what, Student student, Student before, String why) {}

    /**
     * @param fields what each column is; one for each
     * @throws RosterUnusable where the columns do not tell who somebody is
     */
    static RosterPlan of(RosterTable table, List<RosterField> fields, List<Student> known) throws RosterUnusable {
        boolean named = fields.contains(RosterField.NAME)
                || (fields.contains(RosterField.FIRST_NAME) && fields.contains(RosterField.FAMILY_NAME));
        if (!fields.contains(RosterField.NUMBER) || !named) {
            throw new RosterUnusable("Say which column holds the " + (named ? "number" : "name")
                    + ": a roster needs a number and a name for everybody. Nothing was stored.");
        }
        Map<String, Student> byNumber = known.stream().collect(Collectors.toMap(Student::number, s -> s));
        Map<String, Long> seen = new HashMap<>();
        List<Row> rows = new ArrayList<>();
        for (RosterTable.Line line : table.lines()) {
            String why = fault(line, fields);
            Student says = student(line, fields, byNumber);
            if (why == null) {
                Long earlier = seen.putIfAbsent(says.number(), line.number());
                why = earlier == null
                        ? null
                        : "the number " + says.number() + " stands in record " + earlier + " already";
            }
            Student before = byNumber.get(says.number());
            rows.add(new Row(line.number(), why == null ? what(says, before) : What.LEFT_OUT, says, before, why));
        }
        List<Student> missing = known.stream()
                .filter(s -> !s.left() && !seen.containsKey(s.number()))
                .toList();
        return new RosterPlan(table, fields, rows, missing);
    }

    private static What what(Student says, Student before) {
        if (before == null) {
            return What.ADD;
        }
        if (before.left()) {
            return What.BACK;
        }
        boolean same = before.name().equals(says.name())
                && before.group().equals(says.group())
                && before.email().equals(says.email());
        return same ? What.SAME : What.CHANGE;
    }

    private static String cell(RosterTable.Line line, List<RosterField> fields, RosterField field) {
        int at = fields.indexOf(field);
        return at < 0 ? "" : line.cells().get(at);
    }

    /** What the file says nothing of stays as it was. */
    private static Student student(RosterTable.Line line, List<RosterField> fields, Map<String, Student> known) {
        String number = cell(line, fields, RosterField.NUMBER);
        String whole = cell(line, fields, RosterField.NAME);
        String name = whole.isEmpty()
                ? (cell(line, fields, RosterField.FIRST_NAME) + " " + cell(line, fields, RosterField.FAMILY_NAME))
                        .strip()
                : whole;
        Student before = known.get(number);
        String group = fields.contains(RosterField.GROUP) || before == null
                ? cell(line, fields, RosterField.GROUP)
                : before.group();
        String email = fields.contains(RosterField.EMAIL) || before == null
                ? cell(line, fields, RosterField.EMAIL)
                : before.email();
        return new Student(0, number, name, group, email, false);
    }

    private static String fault(RosterTable.Line line, List<RosterField> fields) {
        for (int i = 0; i < fields.size(); i++) {
            RosterField f = fields.get(i);
            String cell = line.cells().get(i);
            if (f != RosterField.NONE && cell.length() > f.longest) {
                return "the " + said(f) + " has " + cell.length() + " characters; " + f.longest + " is most";
            }
            if (f != RosterField.NONE && cell.chars().anyMatch(Character::isISOControl)) {
                return "the " + said(f) + " goes over several lines; is a quotation mark without its partner?";
            }
        }
        if (cell(line, fields, RosterField.NUMBER).isEmpty()) {
            return "no number";
        }
        if (student(line, fields, Map.of()).name().isEmpty()) {
            return "no name";
        }
        String email = cell(line, fields, RosterField.EMAIL);
        return email.isEmpty() || RosterField.isAddress(email) ? null : "“" + email + "” is no e-mail address";
    }

    private static String said(RosterField f) {
        return f == RosterField.EMAIL
                ? "e-mail address"
                : f.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    }
}
