package hausaufgabe.bench;

import hausaufgabe.core.language.SourceFile;
import java.util.List;

/** A strategy submission of five types, and the same checks as tests. */
final class Office {

    static final List<SourceFile> SOURCES = List.of(
            new SourceFile("Fee.java", "interface Fee {\n    double of(double metres);\n}\n"),
            new SourceFile("FlatFee.java", """
                    class FlatFee implements Fee {
                        public double of(double metres) {
                            return 7;
                        }
                    }
                    """),
            new SourceFile("MetreFee.java", """
                    class MetreFee implements Fee {
                        public double of(double metres) {
                            return metres * 1.5;
                        }
                    }
                    """),
            new SourceFile("Office.java", """
                    class Office {
                        private Fee fee;

                        Office(Fee fee) {
                            this.fee = fee;
                        }

                        void setFee(Fee fee) {
                            this.fee = fee;
                        }

                        double bill(double metres) {
                            return fee.of(metres);
                        }
                    }
                    """),
            new SourceFile("Main.java", """
                    class Main {
                        public static void main(String[] arguments) {
                            Fee one = m -> m + 1;
                            Fee two = m -> m + 2;
                            Office office = new Office(one);
                            if (office.bill(3) != 4) throw new IllegalStateException();
                            office.setFee(two);
                            if (office.bill(3) != 5) throw new IllegalStateException();
                            if (new Office(new FlatFee()).bill(3) != 7) throw new IllegalStateException();
                            System.out.println("fine");
                        }
                    }
                    """));

    static final String TEST = """
            import static org.junit.jupiter.api.Assertions.assertEquals;

            import org.junit.jupiter.api.Test;

            class OfficeTest {
                private int one;
                private int two;
                private final Fee first = m -> ++one;
                private final Fee second = m -> ++two;

                @Test
                void theOneInUseAnswers() {
                    new Office(first).bill(3);
                    assertEquals(1, one);
                    assertEquals(0, two);
                }

                @Test
                void exchangingChangesWhoAnswers() {
                    Office office = new Office(first);
                    office.setFee(second);
                    office.bill(3);
                    assertEquals(0, one);
                    assertEquals(1, two);
                }

                @Test
                void eachKeepsItsOwn() {
                    Office a = new Office(first);
                    Office b = new Office(second);
                    a.bill(3);
                    assertEquals(0, two);
                    b.bill(3);
                    assertEquals(1, one);
                    assertEquals(1, two);
                }
            }
            """;

    private Office() {}
}
