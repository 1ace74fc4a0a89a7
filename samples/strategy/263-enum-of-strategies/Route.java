import java.util.List;

public enum Route implements Wegwahl {
    KURZ {
        @Override
        public int meilen(List<Integer> abschnitte) {
            return abschnitte.stream().mapToInt(Integer::intValue).min().orElse(0);
        }
    },
    SICHER {
        @Override
        public int meilen(List<Integer> abschnitte) {
            return abschnitte.stream().mapToInt(a -> a + 2).sum();
        }
    }
}
