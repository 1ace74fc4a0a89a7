package crane;

public interface Command {
    void execute();
}
