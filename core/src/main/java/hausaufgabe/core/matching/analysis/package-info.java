/** What can be found out about a design: who calls, holds, creates, overrides and forwards what. */
package hausaufgabe.core.matching.analysis;
