import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

public interface Signal {
    int flags();

    String spell();

    Optional<Signal> find(String word);

    static Signal of(String word) {
        return new Word(word);
    }

    static Hoist hoist(Signal... parts) {
        return new Hoist(List.of(parts));
    }
}

record Word(String text) implements Signal {
    Word {
        if (!text.chars().allMatch(Character::isUpperCase) || text.isEmpty()) {
            throw new IllegalArgumentException("capital letters only: " + text);
        }
    }

    public int flags() { return text.length(); }
    public String spell() { return String.join("-", text.split("")); }
    public Optional<Signal> find(String word) { return text.equals(word) ? Optional.of(this) : Optional.empty(); }
}

final class Hoist implements Signal {
    private final List<Signal> parts;

    Hoist(List<Signal> parts) {
        if (parts.size() > 6) throw new IllegalArgumentException("the mast holds six");
        this.parts = List.copyOf(parts);
    }

    Hoist with(Signal s) {
        List<Signal> more = new ArrayList<>(parts);
        more.add(s);
        return new Hoist(more);
    }

    Hoist without(Signal s) {
        return new Hoist(parts.stream().filter(p -> !p.equals(s)).toList());
    }

    public int flags() { return parts.stream().mapToInt(Signal::flags).sum(); }

    public String spell() {
        StringBuilder b = new StringBuilder();
        for (Signal s : parts) {
            if (b.length() > 0) b.append(" / ");
            b.append(s.spell());
        }
        return b.toString();
    }

    public Optional<Signal> find(String word) {
        return parts.stream().map(p -> p.find(word)).flatMap(Optional::stream).findFirst();
    }
}

class Mast {
    public static void main(String[] args) {
        Hoist h = Signal.hoist(Signal.of("FOG"), Signal.of("SLOW"));
        Hoist all = h.with(Signal.hoist(Signal.of("PILOT")).with(Signal.of("NOW")));
        System.out.println(all.flags() + " " + all.spell() + " " + all.find("NOW").isPresent());
        System.out.println(all.without(Signal.of("FOG")).spell());
    }
}
