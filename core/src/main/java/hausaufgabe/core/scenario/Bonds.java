package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.matching.Binding;
import hausaufgabe.core.notation.Scenario.Bond;
import hausaufgabe.core.notation.Scenario.Step;

/** What several calls together show of how operations belong together. */
final class Bonds {

    private final PassingOn passingOn;
    private final TakingBack takingBack;
    private final Showing showing;
    private final GivingEvery givingEvery;
    private final OneOrder oneOrder;

    Bonds(Design design, Binding binding, Stage stage, Account account, Casting casting, Calling calling) {
        Scene scene = new Scene(design, binding, stage, account, casting, calling);
        this.passingOn = new PassingOn(scene);
        this.takingBack = new TakingBack(scene);
        this.showing = new Showing(scene);
        this.givingEvery = new GivingEvery(scene);
        this.oneOrder = new OneOrder(scene);
    }

    /** Everything a bond is looked for in. */
    record Scene(Design design, Binding binding, Stage stage, Account account, Casting casting, Calling calling) {}

    void expect(Step.ExpectBond step) throws Ended, DriverLost, Maker.Unmakeable {
        if (step.bond() == Bond.PASSES_ON) {
            passingOn.expect(step);
        } else if (step.bond() == Bond.TAKES_BACK) {
            takingBack.expect(step);
        } else {
            showing.expect(step);
        }
    }

    void expect(Step.ExpectEvery step) throws Ended, DriverLost {
        givingEvery.expect(step);
    }

    void expect(Step.ExpectOneOrder step) throws Ended, DriverLost {
        oneOrder.expect(step);
    }
}
