/** Looking after the records: copies of them, made while the server runs, and put back from. */
@NullMarked
package hausaufgabe.server.keeping;

import org.jspecify.annotations.NullMarked;
