package hausaufgabe.server.course;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** What a column of a roster says of a student. */
public enum RosterField {
    NUMBER(
            40,
            "number nr no id matrikel matrikelnummer matrikelnr matrnr studentid studentnumber studentno idnumber personalid"
                    + " numero num matricule expediente legajo nummer kennung registration registrationnumber"
                    + " studentennummer studienummer numerodiestudante numeroestudiante"),
    NAME(120, "name fullname studentname student vollername nomcomplet nombrecompleto nomecompleto naam navn"),
    FIRST_NAME(59, "firstname first given givenname forename vorname rufname prenom nombre nome voornaam fornavn"),
    FAMILY_NAME(
            59,
            "lastname last surname family familyname nachname familienname zuname nom apellido apellidos cognome"
                    + " achternaam etternavn"),
    GROUP(40, "group gruppe section tutorial tutorium ubung ubungsgruppe ubungsgr groupe grupo gruppo groep gr klasse"),
    EMAIL(200, "email mail emailaddress mailadresse emailadresse correo correoelectronico courriel epost eposta"),
    /** Nothing that is kept here. */
    NONE(0, "");

    private static final Pattern ADDRESS = Pattern.compile("[^@\\s]{1,64}@[^@\\s]{1,120}\\.[^@\\s.]{2,}");

    final int longest;
    private final Set<String> words;

    RosterField(int longest, String words) {
        this.longest = longest;
        this.words = Set.of(words.split(" "));
    }

    static boolean isAddress(String text) {
        return ADDRESS.matcher(text).matches();
    }

    private static String plain(String header) {
        return Normalizer.normalize(header, Normalizer.Form.NFD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}]", "");
    }

    private boolean isNamed(String header) {
        return this != NONE && words.contains(plain(header));
    }

    /** Whether the first line of a table says what the columns are, and is no student. */
    static boolean namesColumns(Iterable<String> cells) {
        boolean known = false;
        boolean student = false;
        for (String cell : cells) {
            for (RosterField f : values()) {
                known |= f.isNamed(cell);
            }
            student |= isAddress(cell.strip()) || cell.strip().matches("[0-9]{3,}");
        }
        return known || !student;
    }

    /** What each column is by its name, and where that says nothing by what stands in it; no field twice. */
    static List<RosterField> guess(RosterTable table) {
        List<RosterField> fields = new ArrayList<>();
        Set<RosterField> open = EnumSet.complementOf(EnumSet.of(NONE));
        for (String header : table.header()) {
            RosterField named =
                    open.stream().filter(f -> f.isNamed(header)).findFirst().orElse(NONE);
            open.remove(named);
            fields.add(named);
        }
        for (int i = 0; i < fields.size(); i++) {
            if (fields.get(i) != NONE) {
                continue;
            }
            int column = i;
            List<String> cells = table.lines().stream()
                    .limit(50)
                    .map(l -> l.cells().get(column))
                    .filter(c -> !c.isEmpty())
                    .toList();
            RosterField likely = cells.isEmpty()
                    ? NONE
                    : cells.stream().allMatch(RosterField::isAddress)
                            ? EMAIL
                            : cells.stream().allMatch(c -> c.matches("[A-Za-z]{0,3}[0-9]{3,}")) ? NUMBER : NONE;
            if (open.remove(likely)) {
                fields.set(i, likely);
            }
        }
        // one column that says the family name alone says the name
        if (!fields.contains(NAME) && fields.contains(FAMILY_NAME) != fields.contains(FIRST_NAME)) {
            fields.replaceAll(f -> f == FAMILY_NAME || f == FIRST_NAME ? NAME : f);
        }
        return fields;
    }
}
