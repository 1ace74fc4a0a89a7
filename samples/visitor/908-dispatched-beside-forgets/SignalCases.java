public interface SignalCases<R> {
    R flag(Flag flag);

    R horn(Horn horn);

    R lamp(Lamp lamp);
}
