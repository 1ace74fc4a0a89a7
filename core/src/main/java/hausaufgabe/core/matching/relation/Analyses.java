package hausaufgabe.core.matching.relation;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.matching.analysis.BodyAnalysis;
import hausaufgabe.core.matching.analysis.CallAnalysis;
import hausaufgabe.core.matching.analysis.CallReach;
import hausaufgabe.core.matching.analysis.EffectAnalysis;
import hausaufgabe.core.matching.analysis.FieldAnalysis;
import hausaufgabe.core.matching.analysis.ForwardingAnalysis;
import hausaufgabe.core.matching.analysis.OperationAnalysis;
import hausaufgabe.core.matching.analysis.TextComparison;
import hausaufgabe.core.matching.analysis.TypeAnalysis;
import hausaufgabe.core.matching.analysis.UsageAnalysis;
import hausaufgabe.core.matching.onepattern.BuilderAnalysis;
import hausaufgabe.core.matching.onepattern.ChangeNotificationAnalysis;
import hausaufgabe.core.matching.onepattern.DoubleDispatchAnalysis;
import hausaufgabe.core.matching.onepattern.SelectionAnalysis;
import hausaufgabe.core.matching.onepattern.SingletonAnalysis;
import org.jspecify.annotations.Nullable;

/** All analyses of one design, by which relations are judged. For one thread at a time. */
public final class Analyses {

    private final CallReach reach;
    private final TypeAnalysis types;
    private final FieldAnalysis fields;
    private final OperationAnalysis operations;
    private final BodyAnalysis bodies;
    private final CallAnalysis calls;
    private final ForwardingAnalysis forwarding;
    private final UsageAnalysis usage;
    private final TextComparison texts;
    private final SelectionAnalysis selection;
    private final DoubleDispatchAnalysis doubleDispatch;
    private final ChangeNotificationAnalysis changes;
    private final SingletonAnalysis singleton;
    private final BuilderAnalysis builder;

    /** @param starter the code that was handed out; null where there was none */
    public Analyses(Design design, @Nullable Design starter) {
        EffectAnalysis effects = new EffectAnalysis(design);
        this.reach = new CallReach(design);
        this.types = new TypeAnalysis(design, reach, effects);
        this.fields = new FieldAnalysis(design);
        this.operations = new OperationAnalysis(design, reach, effects);
        this.bodies = new BodyAnalysis(design, reach, effects);
        this.calls = new CallAnalysis(design, reach);
        this.forwarding = new ForwardingAnalysis(design, calls);
        this.usage = new UsageAnalysis(design, reach, types, calls, bodies);
        this.texts = new TextComparison(design, starter);
        this.selection = new SelectionAnalysis(design, reach, types);
        this.doubleDispatch = new DoubleDispatchAnalysis(design, reach, effects);
        this.changes = new ChangeNotificationAnalysis(design, reach);
        this.singleton = new SingletonAnalysis(design);
        this.builder = new BuilderAnalysis(design, reach, bodies);
    }

    /** How many facts were looked at so far. */
    public long lookedAt() {
        return reach.lookedAt();
    }

    public TypeAnalysis types() {
        return types;
    }

    FieldAnalysis fields() {
        return fields;
    }

    OperationAnalysis operations() {
        return operations;
    }

    BodyAnalysis bodies() {
        return bodies;
    }

    CallAnalysis calls() {
        return calls;
    }

    ForwardingAnalysis forwarding() {
        return forwarding;
    }

    UsageAnalysis usage() {
        return usage;
    }

    TextComparison texts() {
        return texts;
    }

    SelectionAnalysis selection() {
        return selection;
    }

    DoubleDispatchAnalysis doubleDispatch() {
        return doubleDispatch;
    }

    ChangeNotificationAnalysis changes() {
        return changes;
    }

    SingletonAnalysis singleton() {
        return singleton;
    }

    BuilderAnalysis builder() {
        return builder;
    }
}
