package hausaufgabe.checking.sandbox;

import hausaufgabe.checking.CheckRequest.Isolation;
import hausaufgabe.checking.sandbox.jvm.JvmRuntime;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverConformance;
import hausaufgabe.core.language.Language;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.language.java.JavaLanguage;
import org.junit.jupiter.api.AfterAll;

/** The driver for the JVM, in the sandbox, does what every driver must. */
class JvmDriverConformanceTest extends DriverConformance {

    private static final ReadyProcesses READY = new ReadyProcesses(new Sandbox(new JvmRuntime()), 1);

    @AfterAll
    static void noneIsKeptReady() {
        READY.close();
    }

    @Override
    protected Language language() {
        return new JavaLanguage();
    }

    @Override
    protected Driver.Source drivers() {
        return new DrivenProcesses(READY, Isolation.SANDBOX);
    }

    @Override
    protected SourceFile harbour() {
        return new SourceFile("Tower.java", """
                interface Bell { int ring(int times); }
                class Tower {
                  private static int chimes;
                  private Bell bell;
                  private int own;
                  Tower(Bell bell) { this.bell = bell; }
                  int chime(int times) { own++; chimes++; return bell.ring(times); }
                  void hang(Bell other) { bell = other; }
                  void refuse() { throw new IllegalStateException("no bells today"); }
                  int count() { return own; }
                  static int all() { return chimes; }
                }
                class Demo {
                  public static void main(String[] args) { System.out.println(new Tower(times -> times).chime(3)); }
                }
                """);
    }
}
