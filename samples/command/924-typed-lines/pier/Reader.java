package pier;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;

/** Makes a task of a typed line. */
public class Reader {

    private final Map<String, Function<String[], Task>> verbs = new HashMap<>();

    public Reader(Depot depot) {
        verbs.put("open", w -> new Opening(depot, new Place(word(w, 1))));
        verbs.put("close", w -> new Closing(depot, new Place(word(w, 1))));
        verbs.put("put", w -> new Putting(depot, new Place(word(w, 1)), Integer.parseInt(word(w, 2))));
    }

    public Task read(String line) {
        String[] words = line.trim().split(" +");
        Function<String[], Task> verb = verbs.get(words[0]);
        if (verb == null) throw new RefusedException("what is '" + words[0] + "'?");
        return verb.apply(words);
    }

    private static String word(String[] words, int i) {
        if (i >= words.length) throw new RefusedException("a word is missing");
        return words[i];
    }
}
