/**
 * A small language for tests: no types of fields or parameters, no library, an interpreter as its driver. It proves that
 * the core knows no language, and lets the core be tested without a compiler or a sandbox.
 */
package hausaufgabe.core.toy;
