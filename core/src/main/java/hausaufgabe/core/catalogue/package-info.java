/** The patterns that come with the product. */
package hausaufgabe.core.catalogue;
