/** The patterns that come with the product. */
@NullMarked
package hausaufgabe.core.catalogue;

import org.jspecify.annotations.NullMarked;
