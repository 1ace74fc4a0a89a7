package pier;

import java.util.ArrayDeque;
import java.util.Deque;

/** Where the foreman types. */
public class Desk {

    private final Reader reader;
    private final Deque<Task> past = new ArrayDeque<>();

    public Desk(Reader reader) {
        this.reader = reader;
    }

    public String typed(String line) {
        try {
            return line.equals("back") ? back() : carryOut(reader.read(line));
        } catch (RefusedException e) {
            return "no: " + e.getMessage();
        }
    }

    public String carryOut(Task task) {
        task.carryOut();
        past.push(task);
        return task.words();
    }

    private String back() {
        if (past.isEmpty()) throw new RefusedException("nothing was done");
        Task opposite = past.peek().opposite();
        opposite.carryOut();
        past.pop();
        return "back by: " + opposite.words();
    }
}
