import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;

interface Instruction {
    void apply(Ledger ledger);
    Instruction inverse();
}

class Ledger {
    private final Map<String, Long> balances = new HashMap<>();

    void open(String account) {
        if (!account.matches("ACC\\d{3}")) throw new IllegalArgumentException("account " + account);
        if (balances.putIfAbsent(account, 0L) != null) throw new IllegalStateException(account + " exists");
    }

    void add(String account, long cents) {
        Long b = balances.get(account);
        if (b == null) throw new IllegalStateException("no account " + account);
        if (b + cents < 0) throw new IllegalStateException(account + " would be overdrawn");
        balances.put(account, b + cents);
    }

    long balance(String account) { return balances.getOrDefault(account, 0L); }
}

record Deposit(String account, long cents) implements Instruction {
    public void apply(Ledger l) { l.add(account, cents); }
    public Instruction inverse() { return new Withdraw(account, cents); }
}

record Withdraw(String account, long cents) implements Instruction {
    public void apply(Ledger l) { l.add(account, -cents); }
    public Instruction inverse() { return new Deposit(account, cents); }
}

record Transfer(String from, String to, long cents) implements Instruction {
    public void apply(Ledger l) {
        l.add(from, -cents);
        l.add(to, cents);
    }
    public Instruction inverse() { return new Transfer(to, from, cents); }
}

class Clerk {
    private static final Map<String, Function<String[], Instruction>> WORDS = Map.of(
            "in", p -> new Deposit(p[1], Long.parseLong(p[2])),
            "out", p -> new Withdraw(p[1], Long.parseLong(p[2])),
            "move", p -> new Transfer(p[1], p[2], Long.parseLong(p[3])));

    private final Ledger ledger;
    private final Deque<Instruction> done = new ArrayDeque<>();

    Clerk(Ledger ledger) { this.ledger = ledger; }

    void read(String line) {
        String[] p = line.trim().split(" +");
        Function<String[], Instruction> make = WORDS.get(p[0]);
        if (make == null) throw new IllegalArgumentException("what is " + p[0] + "?");
        perform(make.apply(p));
    }

    void perform(Instruction i) {
        i.apply(ledger);
        done.push(i);
    }

    void undo() {
        if (done.isEmpty()) throw new IllegalStateException("nothing done");
        done.pop().inverse().apply(ledger);
    }
}

public class Bank {
    public static void main(String[] args) {
        Ledger l = new Ledger();
        l.open("ACC001");
        l.open("ACC002");
        Clerk c = new Clerk(l);
        c.read("in ACC001 5000");
        c.read("move ACC001 ACC002 1200");
        c.read("out ACC002 200");
        c.undo();
        c.undo();
        System.out.println(l.balance("ACC001") + " " + l.balance("ACC002"));
    }
}
