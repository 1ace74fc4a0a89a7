package hausaufgabe.driver;

import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import org.json.JSONArray;
import org.json.JSONObject;

/** What doubles answer, and what is told of them and of the program's own operations. */
final class CallTracer implements BiFunction<Object, Object[], Object> {

    /** Entries told in the life of a program; after that the program's own operations are no longer told of. */
    private static final int MOST = 2_000;
    /** Entries told of a program that is rehearsed. */
    private static final int MOST_REHEARSED = 6_000;
    /** Calls of doubles told in the life of a program; after that they are answered and not told. */
    private static final int MOST_ASKED = 20_000;
    /** Characters told of arguments and results in the life of a program; after that nothing more is told. */
    private static final long MOST_CHARACTERS = 4L << 20;

    private final ObjectTable objects;
    private final ValueCodec values;
    private final OutputCapture printing;
    private final Runnable enough;
    private final Map<Object, Map<String, Object[]>> answers = new IdentityHashMap<>();
    private final Map<Object, List<Watched>> looks = new IdentityHashMap<>();
    private final Map<String, Integer> turns = new HashMap<>();
    private final Map<Thread, Integer> threads = new IdentityHashMap<>();
    private JSONArray events = new JSONArray();
    private int entered;
    private int asked;
    private int most = MOST;

    /** Stands for the double itself among answers. */
    static final Object ITSELF = new Object();

    /** Something read of another object whenever a double is asked. */
    interface Watched {
        Object read() throws Exception;
    }

    /** @param enough called when no more entries are told */
    CallTracer(ObjectTable objects, ValueCodec values, OutputCapture printing, Runnable enough) {
        this.objects = objects;
        this.values = values;
        this.printing = printing;
        this.enough = enough;
        threads.put(Thread.currentThread(), 0);
    }

    /** @param given answers by {@code name(parameter types)}; several are given in turn, the last again and again */
    synchronized void answer(Object self, Map<String, Object[]> given) {
        answers.put(self, given);
    }

    synchronized void look(Object self, List<Watched> read) {
        looks.put(self, read);
    }

    /** From here on more entries are told: the program shows how it is used. */
    synchronized void tellMore() {
        most = MOST_REHEARSED;
    }

    /** What has happened since the last time. */
    synchronized JSONArray take() {
        printed();
        JSONArray told = events;
        events = new JSONArray();
        return told;
    }

    private void printed() {
        printed(false);
        printed(true);
    }

    private void printed(boolean error) {
        String text = printing.take(error);
        if (!text.isEmpty()) {
            events.put(new JSONObject().put("e", "printed").put("t", text).put("error", error));
        }
    }

    @Override
    public Object apply(Object self, Object[] told) {
        String operation = (String) told[1];
        if (!told[0].equals("asked")) {
            enteredOrLeft(self, (String) told[0], operation, told[2]);
            return null;
        }
        if (operation.equals("hashCode()int")) {
            return objects.number(self);
        }
        Object[] arguments = (Object[]) told[2];
        List<Watched> looking;
        JSONObject event = null;
        synchronized (this) {
            looking = looks.get(self);
            if (asked++ < MOST_ASKED && values.characters() < MOST_CHARACTERS) {
                printed();
                event = happened("asked", self, operation);
                event.put("a", values.outAll(arguments));
                events.put(event);
            }
        }
        if (looking != null && event != null) {
            JSONArray seen = new JSONArray();
            for (Watched l : looking) {
                seen.put(seen(l));
            }
            event.put("seen", seen);
        }
        return answerOf(self, operation);
    }

    private Object seen(Watched look) {
        try {
            return values.out(look.read());
        } catch (Exception | StackOverflowError e) {
            return new JSONObject().put("n", true);
        }
    }

    private synchronized void enteredOrLeft(Object self, String what, String operation, Object with) {
        if (entered >= most) {
            return;
        }
        entered += values.characters() < MOST_CHARACTERS ? 0 : most;
        if (what.equals("entered") && ++entered >= most) {
            enough.run();
            events.put(new JSONObject().put("e", "cut"));
            return;
        }
        printed();
        JSONObject event = happened(what, self, operation);
        if (what.equals("entered")) {
            event.put("a", values.outAll((Object[]) with));
        } else if (what.equals("left")) {
            event.put("v", values.out(with));
        } else {
            event.put("v", with.getClass().getSimpleName());
        }
        events.put(event);
    }

    private JSONObject happened(String what, Object self, String operation) {
        JSONObject event = new JSONObject().put("e", what).put("k", operation);
        event.put("o", self == null ? -1 : objects.number(self));
        Thread thread = Thread.currentThread();
        Integer number = threads.get(thread);
        if (number == null) {
            number = threads.size();
            threads.put(thread, number);
        }
        if (number > 0) {
            event.put("thread", number);
        }
        return event;
    }

    private synchronized Object answerOf(Object self, String operation) {
        String type = operation.substring(operation.indexOf(')') + 1);
        Map<String, Object[]> given = answers.get(self);
        Object[] all = given == null ? null : told(given, operation.substring(0, operation.indexOf(')') + 1));
        Object answer = null;
        if (all != null && all.length > 0) {
            String turn = objects.number(self) + operation;
            Integer before = turns.get(turn);
            int now = before == null ? 0 : before;
            turns.put(turn, now + 1);
            answer = all[Math.min(now, all.length - 1)];
        }
        if (answer == ITSELF) {
            return self;
        }
        return fits(answer, type) ? answer : ValueCodec.plain(type);
    }

    /** By name and parameter types, or where these were not said by name and their number. */
    private static Object[] told(Map<String, Object[]> given, String key) {
        Object[] exact = given.get(key);
        return exact != null ? exact : given.get(key.replaceAll("[^(,)]+(?=[,)])", "?"));
    }

    /** A double that answers what is no such thing would break the program for no fault of its own. */
    private static boolean fits(Object answer, String type) {
        if (answer == null) {
            return ValueCodec.plain(type) == null;
        }
        Object plain = ValueCodec.plain(type);
        return plain == null || plain instanceof String || plain.getClass() == answer.getClass();
    }
}
