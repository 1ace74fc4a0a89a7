package crane;

public class PutDownCommand implements Command {
    private final Crane crane;

    public PutDownCommand(Crane crane) {
        this.crane = crane;
    }

    @Override
    public void execute() {
        crane.down(3);
        crane.release();
    }
}
