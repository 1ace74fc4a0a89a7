import java.util.ArrayList;
import java.util.List;

abstract class Reise {
    protected List<String> plan = new ArrayList<>();

    abstract void durchfuehren();

    abstract void fahren();
}

class Seereise extends Reise {
    void durchfuehren() {
        plan.add("packen");
        plan.add("einschiffen");
        fahren();
        plan.add("ausschiffen");
        plan.add("auspacken");
    }

    void fahren() {
        plan.add("segeln");
    }
}

class Flussreise extends Reise {
    void durchfuehren() {
        plan.add("packen");
        plan.add("einschiffen");
        fahren();
        plan.add("ausschiffen");
        plan.add("auspacken");
    }

    void fahren() {
        plan.add("treiben");
    }
}
