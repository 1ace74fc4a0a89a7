package crane;

public class Panel {
    private final Command[] buttons = new Command[4];

    public void assign(int button, Command command) {
        buttons[button] = command;
    }

    public void press(int button) {
        if (buttons[button] != null) {
            buttons[button].execute();
        }
    }
}
