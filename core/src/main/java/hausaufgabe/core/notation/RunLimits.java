package hausaufgabe.core.notation;

/**
 * What running one submission may cost.
 *
 * @param wallSeconds most time for all of its runs
 * @param cpuSeconds most CPU time of one process
 * @param megabytes most memory of its objects
 * @param threads most processes and threads, those of the runtime not counted
 * @param outputMegabytes most that may be printed
 */
public record RunLimits(int wallSeconds, int cpuSeconds, int megabytes, int threads, int outputMegabytes) {

    /** What is limited, in the words of the notation. */
    public enum Of {
        WALL("seconds"),
        CPU("seconds of CPU"),
        MEMORY("MB of memory"),
        THREADS("threads"),
        OUTPUT("MB of output");

        private final String words;

        Of(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public int amount(Of of) {
        return switch (of) {
            case WALL -> wallSeconds;
            case CPU -> cpuSeconds;
            case MEMORY -> megabytes;
            case THREADS -> threads;
            case OUTPUT -> outputMegabytes;
        };
    }

    public static final RunLimits USUAL = new RunLimits(10, 5, 256, 32, 1);

    /** The most an exercise may ask for. */
    public static final RunLimits MOST = new RunLimits(120, 60, 2048, 512, 16);
}
