import java.util.function.IntUnaryOperator;

class Toll {
    static final IntUnaryOperator NO_REBATE = p -> p;
    static final IntUnaryOperator MEMBER = p -> p * 9 / 10;
    private final IntUnaryOperator rebate;

    Toll(IntUnaryOperator rebate) {
        this.rebate = rebate;
    }

    Toll() {
        this(NO_REBATE);
    }

    int due(int hours) {
        return rebate.applyAsInt(hours * 12);
    }
}
