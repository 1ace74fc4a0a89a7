/** Properties of operations that only several calls together can show. */
package hausaufgabe.core.scenario.property;
