/** Java programs in driven processes: the runtime, the driver's files, and an archive that lets it start sooner. */
package hausaufgabe.checking.sandbox.jvm;
