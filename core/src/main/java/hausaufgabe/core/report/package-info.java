/** What a check found, as data: findings, scenario results, the report they make. */
package hausaufgabe.core.report;
