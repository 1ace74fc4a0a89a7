package hausaufgabe.core.toy;

import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverConformance;
import hausaufgabe.core.language.Language;
import hausaufgabe.core.language.SourceFile;

class ToyDriverConformanceTest extends DriverConformance {

    @Override
    protected Language language() {
        return new ToyLanguage();
    }

    @Override
    protected Driver.Source drivers() {
        return ToyDriver.source();
    }

    @Override
    protected SourceFile harbour() {
        return new SourceFile("Tower.toy", """
                abstract Bell
                  ring(times)
                type Tower
                  static private field chimes = 0
                  private field bell
                  private field own = 0
                  new(bell)
                    self.bell = bell
                  chime(times)
                    self.own = own + 1
                    Tower.chimes = chimes + 1
                    return bell.ring(times)
                  hang(other)
                    self.bell = other
                  refuse()
                    throw "no bells today"
                  count()
                    return own
                  static all()
                    return chimes
                type Brass is Bell
                  ring(times)
                    return times
                type Demo
                  static main()
                    tower = new Tower(new Brass())
                    print tower.chime(3)
                """);
    }
}
