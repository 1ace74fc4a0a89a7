import java.util.ArrayList;
import java.util.List;

abstract class Inspection {
    private final List<String> findings = new ArrayList<>();

    public List<String> inspect() {
        findings.clear();
        checkPapers();
        checkVessel();
        return findings;
    }

    protected void note(String finding) {
        findings.add(finding);
    }

    abstract void checkPapers();

    abstract void checkVessel();
}

abstract class EngineInspection extends Inspection {
    @Override
    void checkVessel() {
        if (engineHours() > 1000) {
            note("engine service due");
        }
        checkSafety();
    }

    abstract int engineHours();

    abstract void checkSafety();
}

class TugInspection extends EngineInspection {
    void checkPapers() {
        note("tow licence ok");
    }

    int engineHours() {
        return 2200;
    }

    void checkSafety() {
        note("hook ok");
    }
}

class SailInspection extends Inspection {
    void checkPapers() {}

    void checkVessel() {
        note("rig ok");
    }
}
