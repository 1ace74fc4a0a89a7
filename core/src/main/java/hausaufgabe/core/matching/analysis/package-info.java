/** What can be found out about a design: who calls, holds, creates, overrides and forwards what. */
@NullMarked
package hausaufgabe.core.matching.analysis;

import org.jspecify.annotations.NullMarked;
