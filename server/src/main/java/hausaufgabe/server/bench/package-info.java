/** What `./hausaufgabe bench sheet` measures. */
package hausaufgabe.server.bench;
