package hausaufgabe.server.course;

import hausaufgabe.server.CsvTable;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A CSV file as a table, before anything is made of its columns.
 *
 * @param separator as a person says it, such as "semicolon"
 * @param encoding such as "UTF-8"
 * @param header a name for each column; such as "column 2" where the file names none
 */
record RosterTable(String separator, String encoding, List<String> header, List<Line> lines) {

    static final int MOST_LINES = 20_000;
    private static final int MOST_COLUMNS = 60;

    /**
     * A line of the table.
     *
     * @param number where it begins in the file, from 1
     * @param cells one for each column
     */
    record Line(long number, List<String> cells) {}

    /**
     * @param name what whoever gave it calls it, for messages
     * @throws RosterUnusable where the file is no table, or is too large
     */
    static RosterTable read(String name, byte[] bytes) throws RosterUnusable {
        CsvTable table;
        try {
            table = CsvTable.read(name, bytes);
        } catch (CsvTable.Unusable e) {
            throw new RosterUnusable(e.getMessage());
        }
        List<CsvTable.Line> records = table.lines();
        if (records.isEmpty()) {
            throw new RosterUnusable(name
                    + " lists nobody. A first line that names the columns and a student on each line below it is a roster."
                    + " Nothing was stored.");
        }
        int columns = Math.min(
                MOST_COLUMNS,
                records.stream().mapToInt(r -> r.cells().size()).max().orElse(0));
        CsvTable.Line first = records.get(0);
        boolean named = RosterField.namesColumns(first.cells());
        List<String> header = IntStream.range(0, columns)
                .mapToObj(i -> named && !first.cell(i).isBlank() ? first.cell(i) : "column " + (i + 1))
                .toList();
        List<Line> lines = records.subList(named ? 1 : 0, records.size()).stream()
                .map(r -> new Line(
                        r.number(),
                        IntStream.range(0, columns).mapToObj(r::cell).toList()))
                .toList();
        if (lines.isEmpty()) {
            throw new RosterUnusable(name + " lists nobody below its first line. Nothing was stored.");
        }
        if (lines.size() > MOST_LINES) {
            throw new RosterUnusable(name + " lists " + lines.size() + " students; " + MOST_LINES
                    + " is most for one course. Nothing was stored.");
        }
        return new RosterTable(table.separator(), table.encoding(), header, lines);
    }
}
