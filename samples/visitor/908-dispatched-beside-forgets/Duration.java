/** How long a signal takes, in seconds. */
public class Duration implements SignalCases<Integer> {
    @Override
    public Integer flag(Flag flag) {
        return 30;
    }

    @Override
    public Integer horn(Horn horn) {
        return horn.seconds() + 1;
    }

    @Override
    public Integer lamp(Lamp lamp) {
        int seconds = 0;
        for (char c : lamp.morse().toCharArray()) {
            seconds += c == '-' ? 3 : 1;
        }
        return seconds;
    }
}
