package obs;

import java.util.ArrayList;
import java.util.List;

public class LoadList implements Observer {
    private final CargoHold hold;
    private final List<Integer> history = new ArrayList<>();

    public LoadList(CargoHold hold) {
        this.hold = hold;
    }

    @Override
    public void update(Subject subject) {
        history.add(hold.tons());
    }
}
