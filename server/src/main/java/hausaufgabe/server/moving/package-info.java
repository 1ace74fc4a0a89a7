/** A course out of an installation and into another one, whole. */
package hausaufgabe.server.moving;
