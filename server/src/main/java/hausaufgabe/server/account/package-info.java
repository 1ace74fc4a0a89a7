/** Who may sign in, and signing in. */
package hausaufgabe.server.account;
