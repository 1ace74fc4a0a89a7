interface Journal { void note(String line); int size(); }
class Archive {
    private int sheets;
    void deposit(String sheet, int shelf) { sheets += shelf > 0 ? 1 : 0; }
    int sheets() { return sheets; }
}
class ArchiveJournal implements Journal {
    private int lines;
    public void note(String line) { lines++; new Archive().deposit(line, 1); }
    public int size() { return lines; }
}
class Watch {
    private final Journal journal;
    Watch(Journal journal) { this.journal = journal; }
    int round(String what) { journal.note(what); return journal.size(); }
}
