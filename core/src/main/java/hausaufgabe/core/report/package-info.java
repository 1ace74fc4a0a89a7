/** What a check found, as data: findings, scenario results, the report they make. */
@NullMarked
package hausaufgabe.core.report;

import org.jspecify.annotations.NullMarked;
