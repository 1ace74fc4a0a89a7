package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.design.Visibility;
import hausaufgabe.core.scenario.Driver.Answer;
import hausaufgabe.core.scenario.Driver.Given;
import hausaufgabe.core.scenario.Driver.Request;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** A way in for types that are made by another object, which is first told what they shall have. */
final class Builders {

    private final Design design;
    private final Stage stage;
    private final Maker maker;

    Builders(Design design, Stage stage, Maker maker) {
        this.design = design;
        this.stage = stage;
        this.maker = maker;
    }

    /** An object of the type that was given {@code part}, or null where no other type builds one so. */
    Given.Ref build(Type wanted, Type partType, Given.Ref part) throws DriverLost {
        for (Operation last : design.operations()) {
            boolean builds = last.isMethod()
                    && !last.isStatic()
                    && last.visibility() != Visibility.PRIVATE
                    && last.parameters().isEmpty()
                    && last.result() != null
                    && last.result().type().equals(wanted.id());
            Type builder = design.type(last.owner()).filter(Type::isOwn).orElse(null);
            if (builds && builder != null && !builder.equals(wanted)) {
                Given.Ref made = buildWith(builder, last, partType, part);
                if (made != null) {
                    return made;
                }
            }
        }
        return null;
    }

    private Given.Ref buildWith(Type builder, Operation last, Type partType, Given.Ref part) throws DriverLost {
        try {
            Given made = maker.value(TypeRef.of(builder.id(), builder.name()), Map.of(partType.id(), part), 0);
            if (!(made instanceof Given.Ref on)) {
                return null;
            }
            boolean given = false;
            for (Operation step : design.methodsOf(builder)) {
                if (step.isStatic()
                        || step.visibility() == Visibility.PRIVATE
                        || step.parameters().isEmpty()) {
                    continue;
                }
                List<Given> arguments = new ArrayList<>();
                for (Operation.Parameter p : step.parameters()) {
                    arguments.add(maker.value(p.type(), Map.of(partType.id(), part), 0));
                }
                Answer a = call(builder, step, on, arguments);
                given |= a.thrown() == null && arguments.contains(part);
            }
            Answer end = given ? call(builder, last, on, List.of()) : null;
            return end != null && end.thrown() == null ? end.value().ref() : null;
        } catch (Maker.Unmakeable e) {
            return null;
        }
    }

    private Answer call(Type builder, Operation o, Given.Ref on, List<Given> arguments) throws DriverLost {
        return stage.ask(new Request.Call(builder.id(), o.name(), Maker.parameterTypes(o), on, arguments));
    }
}
