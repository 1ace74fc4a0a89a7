package hausaufgabe.language.javascript;

import hausaufgabe.core.design.TypeRef;
import hausaufgabe.core.driver.Input;
import hausaufgabe.core.driver.Kind;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.language.scripts.ScriptValues;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Simple values of JavaScript, whose numbers are all of one type. */
final class JavaScriptValues extends ScriptValues {

    private static final Set<String> ANY =
            Set.of("any", TypeRef.UNKNOWN, "unknown", "object", "Object", "T", "R", "E", "K", "V");

    JavaScriptValues() {
        super(
                new Names(
                        JavaScriptDialect.NUMBER,
                        JavaScriptDialect.NUMBER,
                        JavaScriptDialect.TEXT,
                        JavaScriptDialect.TRUTH,
                        Set.of(JavaScriptDialect.NUMBER, "bigint")),
                ANY,
                Map.of("Date", new Parsing("new", List.of("2026-05-04T10:30:00.000Z", "2026-11-29T23:59:00.000Z"))));
    }

    @Override
    protected Optional<Input> number(Observed literal, String type) {
        if (!isAny(type) && !isNumber(type)) {
            return Optional.empty();
        }
        BigDecimal exact = new BigDecimal(literal.text());
        return Optional.of(new Input.Simple(
                Kind.NUMBER,
                JavaScriptDialect.NUMBER,
                exact.stripTrailingZeros().toPlainString()));
    }
}
