/**
 * The program inside the sandbox: it holds a submission's objects and does what it is told over a line protocol. It is a
 * module that opens nothing, so that the code it holds cannot reach into it.
 */
module hausaufgabe.driver {
    requires minimal.json;
    requires net.bytebuddy;
}
