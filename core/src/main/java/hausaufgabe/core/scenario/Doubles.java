package hausaufgabe.core.scenario;

import hausaufgabe.core.design.Type;

/** Which types something new can stand in for. */
final class Doubles {

    private Doubles() {}

    /** Not for sealed or final types and enums, which name everything that realises them. */
    static boolean isPossible(Type type) {
        boolean open = !type.flags().isSealed()
                && !type.flags().isFinal()
                && type.kind() != Type.Kind.ENUM
                && type.kind() != Type.Kind.RECORD;
        return open && type.isNamed();
    }
}
