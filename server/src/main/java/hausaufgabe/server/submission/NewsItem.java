package hausaufgabe.server.submission;

import java.util.List;

/** Something that open pages are told. */
sealed interface NewsItem permits NewsItem.Progress, NewsItem.Marked, NewsItem.Reading, NewsItem.Decided {

    /** Its kind, as the event is called. */
    String kind();

    /** Whether the older one need not be told any more once this one waits. */
    boolean replaces(NewsItem older);

    /**
     * How far a check is.
     *
     * @param doing what is being done; null when nothing is
     */
    record Progress(long exerciseId, long submissionId, long studentId, HandedIn.State state, String doing)
            implements NewsItem {
        @Override
        public String kind() {
            return "step";
        }

        @Override
        public boolean replaces(NewsItem older) {
            return older instanceof Progress p && p.submissionId == submissionId;
        }
    }

    /** Somebody has changed what was made of a submission. */
    record Marked(long exerciseId, long submissionId, long studentId) implements NewsItem {
        @Override
        public String kind() {
            return "marked";
        }

        @Override
        public boolean replaces(NewsItem older) {
            return older instanceof Marked m && m.submissionId == submissionId;
        }
    }

    /**
     * Who has a submission open.
     *
     * @param readers their names; nobody where it is empty
     */
    record Reading(long exerciseId, long submissionId, long studentId, List<String> readers) implements NewsItem {
        @Override
        public String kind() {
            return "reading";
        }

        @Override
        public boolean replaces(NewsItem older) {
            return older instanceof Reading r && r.submissionId == submissionId;
        }
    }

    /** Something was decided about a course, or for many of its students at once. */
    record Decided(long courseId) implements NewsItem {
        @Override
        public String kind() {
            return "decided";
        }

        @Override
        public boolean replaces(NewsItem older) {
            return older instanceof Decided d && d.courseId == courseId;
        }
    }
}
