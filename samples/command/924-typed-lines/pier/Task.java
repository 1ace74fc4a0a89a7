package pier;

public interface Task {

    void carryOut();

    /** @return the task that makes this one undone */
    Task opposite();

    String words();
}
