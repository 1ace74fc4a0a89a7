package music;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;

public interface Playlist extends Iterable<Playlist> {
    Duration length();

    String title();

    default Iterator<Playlist> iterator() {
        return java.util.Collections.emptyIterator();
    }

    class Song implements Playlist {
        private final String t;
        private final int s;

        Song(String t, int s) {
            this.t = t;
            this.s = s;
        }

        public Duration length() {
            return Duration.ofSeconds(s);
        }

        public String title() {
            return t;
        }
    }

    class Album implements Playlist {
        private final String name;
        private List<Playlist> content = new ArrayList<>();

        Album(String name) {
            this.name = name;
        }

        public void append(Playlist p) {
            content.add(p);
        }

        public Duration length() {
            Duration d = Duration.ZERO;
            for (Iterator<Playlist> it = this.iterator(); it.hasNext();) { Playlist p = it.next();
                d = d.plus(p.length());
            }
            return d;
        }

        public String title() {
            return name;
        }

        @Override
        public Iterator<Playlist> iterator() {
            return content.iterator();
        }
    }
}
