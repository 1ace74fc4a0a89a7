package hausaufgabe.core.toy;

import hausaufgabe.core.driver.Answer;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Event;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.ObjectRef;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.driver.ThrownError;
import hausaufgabe.core.notation.RunLimits;
import hausaufgabe.core.toy.ToyInterpreter.Instance;
import hausaufgabe.core.toy.ToyInterpreter.ToyError;
import hausaufgabe.core.toy.ToyTree.TypeNode;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Holds a toy program's objects in this process. */
public final class ToyDriver implements Driver {

    private final List<Object> objects = new ArrayList<>();
    private final Map<Object, Integer> numbers = new IdentityHashMap<>();
    private final List<Event> events = new ArrayList<>();
    private final Map<Instance, Map<String, List<Object>>> answers = new IdentityHashMap<>();
    private final Map<Instance, List<Request.Call>> watching = new IdentityHashMap<>();
    private final Map<String, Integer> turns = new LinkedHashMap<>();
    private Map<String, TypeNode> types = Map.of();
    private ToyInterpreter interpreter;
    private boolean seeing;

    private static final Object ITSELF = new Object();

    /** Opens toy drivers without an end. */
    public static Driver.Source source() {
        return new Driver.Source() {
            @Override
            public Driver open(RunLimits limits) {
                return new ToyDriver();
            }

            @Override
            public boolean exhausted() {
                return false;
            }
        };
    }

    @Override
    public void close() {
        objects.clear();
    }

    @Override
    public Answer ask(Request request) throws DriverLost {
        events.clear();
        Map<String, String> named = new TreeMap<>();
        List<Answer> several = new ArrayList<>();
        Object value = null;
        ThrownError thrown = null;
        try {
            value = perform(request, named, several);
        } catch (ToyError e) {
            thrown = new ThrownError("ToyError", e.getMessage(), e.at(), ThrownError.Cause.PROGRAM);
        } catch (StackOverflowError e) {
            thrown = new ThrownError("StackOverflow", "", "", ThrownError.Cause.RECURSION);
        } catch (ToyInterpreter.TooLong e) {
            throw new DriverLost(DriverLost.Reason.TIMED_OUT, "The program had not answered and was stopped.");
        }
        return new Answer(
                thrown == null ? out(value) : Observed.NOTHING,
                several,
                named,
                List.of(),
                false,
                thrown,
                List.copyOf(events));
    }

    private Object perform(Request request, Map<String, String> named, List<Answer> several) {
        if (request instanceof Request.Load r) {
            types = ToyReader.typesOf(r.program().parts());
            forget();
        } else if (request instanceof Request.Forget) {
            forget();
        } else if (request instanceof Request.Construct r) {
            return r.type().startsWith(ToyProgram.DOUBLE)
                    ? interpreter.makeDouble(r.type().substring(ToyProgram.DOUBLE.length()), in(r.arguments()))
                    : interpreter.make(r.type(), in(r.arguments()));
        } else if (request instanceof Request.Call r) {
            return call(r);
        } else if (request instanceof Request.Parallel r) {
            for (int i = 0; i < r.threads(); i++) {
                Observed one = out(call(r.call()));
                several.add(new Answer(one, List.of(), Map.of(), List.of(), false, null, List.of()));
            }
        } else if (request instanceof Request.Read r) {
            return r.on() == null
                    ? interpreter.statics().get(r.type() + "." + r.field())
                    : ((Instance) objects.get(r.on().id())).fields().get(r.field());
        } else if (request instanceof Request.Write r) {
            Map<String, Object> fields =
                    r.on() == null ? interpreter.statics() : ((Instance) objects.get(r.on().id())).fields();
            fields.put(r.on() == null ? r.type() + "." + r.field() : r.field(), in(r.value()));
        } else if (request instanceof Request.AreEqual r) {
            return r.first().id() == r.second().id();
        } else if (request instanceof Request.Answers r) {
            Map<String, List<Object>> all = new LinkedHashMap<>();
            r.answers().forEach((operation, given) -> all.put(operation, in(given)));
            answers.put((Instance) objects.get(r.on().id()), all);
        } else if (request instanceof Request.Watch r) {
            watching.put((Instance) objects.get(r.on().id()), r.calls());
        } else if (request instanceof Request.State r) {
            Map<Object, String> seen = new IdentityHashMap<>();
            r.without().forEach(w -> seen.put(objects.get(w.id()), "left out"));
            seen.remove(objects.get(r.on().id()));
            state(objects.get(r.on().id()), "", named, seen);
        } else if (request instanceof Request.Main r) {
            return interpreter.call(null, types.get(r.type()), "main", List.of());
        }
        return null;
    }

    private void forget() {
        objects.clear();
        numbers.clear();
        answers.clear();
        watching.clear();
        turns.clear();
        interpreter = new ToyInterpreter(types, new ToyInterpreter.Listener() {
            @Override
            public void entered(Instance on, TypeNode type, String operation, List<Object> arguments) {
                Event.Signature s = signature(operation, arguments.size());
                events.add(new Event.Entered(on == null ? -1 : number(on), type.name(), s, outAll(arguments), 0));
            }

            @Override
            public void left(Instance on, TypeNode type, String operation, int arguments, Object value) {
                Event.Signature s = signature(operation, arguments);
                events.add(new Event.Left(on == null ? -1 : number(on), type.name(), s, out(value), null, 0));
            }

            @Override
            public void threw(Instance on, TypeNode type, String operation, int arguments) {
                Event.Signature s = signature(operation, arguments);
                events.add(new Event.Left(on == null ? -1 : number(on), type.name(), s, null, "ToyError", 0));
            }

            @Override
            public void printed(String text) {
                events.add(new Event.Printed(text + "\n", false));
            }

            @Override
            public Object asked(Instance on, String operation, List<Object> arguments) {
                return askedOf(on, operation, arguments);
            }
        });
    }

    private static Event.Signature signature(String operation, int arguments) {
        return new Event.Signature(operation, java.util.Collections.nCopies(arguments, "?"), "any");
    }

    private Object askedOf(Instance on, String operation, List<Object> arguments) {
        List<Observed> seen = new ArrayList<>();
        if (watching.containsKey(on) && !seeing) {
            seeing = true;
            watching.get(on).forEach(c -> seen.add(out(call(c))));
            seeing = false;
        }
        events.add(
                new Event.DoubleCalled(number(on), signature(operation, arguments.size()), outAll(arguments), seen, 0));
        String key = FactReader.id("", operation, arguments.size()).substring(1);
        List<Object> given = answers.getOrDefault(on, Map.of()).get(key);
        if (given == null || given.isEmpty()) {
            return null;
        }
        int turn = turns.merge(number(on) + key, 1, Integer::sum) - 1;
        Object answer = given.get(Math.min(turn, given.size() - 1));
        return answer == ITSELF ? on : answer;
    }

    private Object call(Request.Call r) {
        Object on = r.on() == null ? null : objects.get(r.on().id());
        return interpreter.call(
                (Instance) on, on == null ? types.get(r.type()) : null, r.operation(), in(r.arguments()));
    }

    // values

    private int number(Object o) {
        return numbers.computeIfAbsent(o, x -> {
            objects.add(x);
            return objects.size() - 1;
        });
    }

    private List<Object> in(List<Input> all) {
        List<Object> values = new ArrayList<>();
        all.forEach(i -> values.add(in(i)));
        return values;
    }

    private Object in(Input input) {
        if (input instanceof Input.Simple s) {
            return switch (s.kind()) {
                case NUMBER -> new BigDecimal(s.text());
                case TRUTH -> Boolean.valueOf(s.text());
                default -> s.text();
            };
        } else if (input instanceof ObjectRef r) {
            return objects.get(r.id());
        } else if (input instanceof Input.Several s) {
            return in(s.items());
        }
        return input instanceof Input.Itself ? ITSELF : null;
    }

    private List<Observed> outAll(List<Object> all) {
        return all.stream().map(this::out).toList();
    }

    private Observed out(Object value) {
        if (value == null) {
            return Observed.NOTHING;
        } else if (value instanceof BigDecimal n) {
            return new Observed(Kind.NUMBER, "any", null, n.stripTrailingZeros().toPlainString());
        } else if (value instanceof String s) {
            return new Observed(Kind.TEXT, "any", null, s);
        } else if (value instanceof Boolean b) {
            return new Observed(Kind.TRUTH, "any", null, b.toString());
        }
        String type = value instanceof Instance i ? i.type() : "list";
        return new Observed(Kind.OBJECT, type, new ObjectRef(number(value), type), "a " + type);
    }

    private void state(Object o, String way, Map<String, String> named, Map<Object, String> seen) {
        if (o instanceof Instance i) {
            String before = seen.putIfAbsent(o, way);
            if (before != null) {
                named.put(way, "again " + before);
                return;
            }
            named.put(way, "a " + i.type());
            i.fields().forEach((name, value) -> state(value, way.isEmpty() ? name : way + "." + name, named, seen));
        } else if (o instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                state(list.get(i), way + "[" + i + "]", named, seen);
            }
        } else {
            named.put(way, String.valueOf(o));
        }
    }
}
