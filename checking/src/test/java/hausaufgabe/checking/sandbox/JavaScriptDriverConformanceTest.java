package hausaufgabe.checking.sandbox;

import hausaufgabe.checking.CheckRequest.Isolation;
import hausaufgabe.checking.sandbox.node.NodeRuntime;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverConformance;
import hausaufgabe.core.language.Language;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.language.javascript.JavaScriptLanguage;
import org.junit.jupiter.api.AfterAll;

/** The driver for JavaScript, in the sandbox, does what every driver must. */
class JavaScriptDriverConformanceTest extends DriverConformance {

    private static final ReadyProcesses READY = new ReadyProcesses(new Sandbox(new NodeRuntime()), 1);

    @AfterAll
    static void noneIsKeptReady() {
        READY.close();
    }

    @Override
    protected Language language() {
        return JavaScriptLanguage.plain();
    }

    @Override
    protected Driver.Source drivers() {
        return new DrivenProcesses(READY, Isolation.SANDBOX);
    }

    @Override
    protected SourceFile harbour() {
        return new SourceFile("harbour.mjs", """
                export class Bell {
                  ring(times) { throw new Error("not implemented"); }
                }

                export class Tower {
                  static #chimes = 0;
                  #bell;
                  #own = 0;

                  constructor(bell) { this.#bell = bell; }

                  chime(times = 1) {
                    this.#own++;
                    Tower.#chimes += 1;
                    return this.#bell.ring(times);
                  }

                  hang(bell) { this.#bell = bell; }
                  refuse() { throw new Error("no bells today"); }
                  count() { return this.#own; }
                  static all() { return Tower.#chimes; }
                }

                class HandBell extends Bell {
                  ring(times) { return times; }
                }

                console.log(new Tower(new HandBell()).chime(3));
                """);
    }
}
