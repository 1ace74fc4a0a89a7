package report;

public abstract class Report {

    public abstract String print();
}
