package crane;

public class LiftCommand implements Command {
    private final Crane crane;
    private final int metres;

    public LiftCommand(Crane crane, int metres) {
        this.crane = crane;
        this.metres = metres;
    }

    @Override
    public void execute() {
        crane.grip();
        crane.up(metres);
    }
}
