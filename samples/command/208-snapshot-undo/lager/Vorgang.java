package lager;

public interface Vorgang {
    void ausfuehren();

    void zuruecknehmen();
}
