package hausaufgabe.checking.sandbox;

import hausaufgabe.checking.CheckRequest.Isolation;
import hausaufgabe.checking.sandbox.node.NodeRuntime;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverConformance;
import hausaufgabe.core.language.Language;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.language.javascript.JavaScriptLanguage;
import org.junit.jupiter.api.AfterAll;

/** The same driver does it for TypeScript, whose types are gone when it runs. */
class TypeScriptDriverConformanceTest extends DriverConformance {

    private static final ReadyProcesses READY = new ReadyProcesses(new Sandbox(new NodeRuntime()), 1);

    @AfterAll
    static void noneIsKeptReady() {
        READY.close();
    }

    @Override
    protected Language language() {
        return JavaScriptLanguage.typed();
    }

    @Override
    protected Driver.Source drivers() {
        return new DrivenProcesses(READY, Isolation.SANDBOX);
    }

    @Override
    protected SourceFile harbour() {
        return new SourceFile("harbour.ts", """
                export interface Bell {
                  ring(times: number): number;
                }

                export class Tower {
                  private static chimes = 0;
                  private own = 0;

                  constructor(private bell: Bell) {}

                  chime(times: number): number {
                    this.own++;
                    Tower.chimes += 1;
                    return this.bell.ring(times);
                  }

                  hang(bell: Bell): void { this.bell = bell; }
                  refuse(): never { throw new Error("no bells today"); }
                  count(): number { return this.own; }
                  static all(): number { return Tower.chimes; }
                }

                class HandBell implements Bell {
                  ring(times: number): number { return times as number; }
                }

                console.log(new Tower(new HandBell()).chime(3));
                """);
    }
}
