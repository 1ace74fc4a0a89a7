import java.util.ArrayList;
import java.util.List;

abstract class Journal {
    abstract void note(String line);
    abstract int size();
}

class Archive {
    private final List<String> shelves = new ArrayList<>();
    void deposit(String sheet, int shelf) { shelves.add(shelf + "/" + sheet); }
    int sheets() { return shelves.size(); }
}

class ArchiveJournal extends Journal {
    private final Archive archive = new Archive();
    private int next = 1;
    void note(String line) { archive.deposit(line.trim(), next++ % 7); }
    int size() { return archive.sheets(); }
}

class MemoryJournal extends Journal {
    private int lines;
    void note(String line) { lines++; }
    int size() { return lines; }
}

class Watch {
    private final Journal journal;
    Watch(Journal journal) { this.journal = journal; }
    int round(String what) { journal.note(what); return journal.size(); }
}
