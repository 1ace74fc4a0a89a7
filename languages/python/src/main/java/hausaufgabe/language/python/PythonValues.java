package hausaufgabe.language.python;

import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.language.scripts.ScriptValues;
import hausaufgabe.language.values.UsualValues;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Python's simple values, with whole numbers and such that need not be. */
final class PythonValues extends ScriptValues {

    private static final String INT = "int";
    private static final String FLOAT = "float";

    private static final Map<String, Parsing> PARSED = Map.of(
            "datetime.date", new Parsing("fromisoformat", List.of("2026-05-04", "2026-11-29", "2024-02-29")),
            "datetime.time", new Parsing("fromisoformat", List.of("10:30:00", "23:59:00", "00:00:00")),
            "datetime.datetime", new Parsing("fromisoformat", List.of("2026-05-04T10:30:00", "2026-11-29T23:59:00")),
            "datetime.timedelta", new Parsing("seconds", List.of("10800.0", "0.0", "93600.0")),
            "decimal.Decimal", new Parsing("new", UsualValues.plainBroken()),
            "fractions.Fraction", new Parsing("new", List.of("1/2", "3")),
            "pathlib.Path", new Parsing("new", List.of("quay.txt", "berths.csv")),
            "pathlib.PosixPath", new Parsing("new", List.of("quay.txt", "berths.csv")),
            "uuid.UUID", new Parsing("new", List.of("00000000-0000-0001-0000-000000000003")),
            "bytes", new Parsing("new", List.of("harbour")));

    PythonValues() {
        super(
                new Names(
                        INT,
                        FLOAT,
                        "str",
                        "bool",
                        Set.of(INT, FLOAT, "complex", "decimal.Decimal", "fractions.Fraction")),
                Set.of("any", TypeRef.UNKNOWN, "object", "typing.Any", "Any"),
                PARSED);
    }

    @Override
    protected Optional<Input> number(Observed literal, String type) {
        BigDecimal exact = new BigDecimal(literal.text());
        boolean whole = exact.stripTrailingZeros().scale() <= 0;
        if (type.equals(FLOAT) || isAny(type) && literal.text().contains(".")) {
            return Optional.of(new Input.Simple(Kind.NUMBER, FLOAT, literal.text()));
        }
        if (isAny(type) || type.equals(INT)) {
            return whole
                    ? Optional.of(new Input.Simple(
                            Kind.NUMBER, INT, exact.toBigInteger().toString()))
                    : Optional.empty();
        }
        return isNumber(type) ? Optional.of(new Input.Simple(Kind.NUMBER, type, literal.text())) : Optional.empty();
    }
}
