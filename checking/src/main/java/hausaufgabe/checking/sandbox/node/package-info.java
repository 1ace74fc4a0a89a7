/** JavaScript and TypeScript programs in driven processes: Node.js and the driver's files. */
package hausaufgabe.checking.sandbox.node;
