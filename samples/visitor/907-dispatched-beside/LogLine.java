public class LogLine implements SignalCases<String> {
    @Override
    public String flag(Flag flag) {
        return "hoisted " + flag.letter();
    }

    @Override
    public String horn(Horn horn) {
        return "sounded for " + horn.seconds() + " s";
    }

    @Override
    public String lamp(Lamp lamp) {
        return "flashed " + lamp.morse();
    }
}
