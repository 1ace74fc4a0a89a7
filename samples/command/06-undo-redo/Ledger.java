import java.util.Stack;

abstract class Booking {
    protected final Account account;

    Booking(Account account) {
        this.account = account;
    }

    abstract void apply();

    abstract void revert();

    String describe() {
        return getClass().getSimpleName();
    }
}

class Account {
    private long cents;

    void change(long by) {
        cents += by;
    }
}

class Deposit extends Booking {
    private final long amount;

    Deposit(Account account, long amount) {
        super(account);
        this.amount = amount;
    }

    void apply() {
        account.change(amount);
    }

    void revert() {
        account.change(-amount);
    }
}

class Fee extends Booking {
    Fee(Account account) {
        super(account);
    }

    void apply() {
        account.change(-250);
    }

    void revert() {
        account.change(250);
    }
}

class Cashier {
    private final Stack<Booking> done = new Stack<>();
    private final Stack<Booking> undone = new Stack<>();

    void book(Booking b) {
        b.apply();
        done.push(b);
        undone.clear();
    }

    void undo() {
        if (done.isEmpty()) return;
        Booking b = done.pop();
        b.revert();
        undone.push(b);
    }

    void redo() {
        if (undone.isEmpty()) return;
        Booking b = undone.pop();
        b.apply();
        done.push(b);
    }
}
