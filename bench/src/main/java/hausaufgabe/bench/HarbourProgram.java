package hausaufgabe.bench;

import hausaufgabe.core.language.SourceFile;
import java.util.ArrayList;
import java.util.List;

/**
 * A made-up program of any size. It is made of quarters of ten types each: a subject with two observers, a context with two
 * strategies, and two classes that use them and the quarter before.
 */
final class HarbourProgram {
    /** Types in a quarter. */
    static final int QUARTER = 10;

    private static final String GAUGE = """
            package quarter%1$d;

            import java.util.ArrayList;
            import java.util.List;

            public class Gauge {
                private final List<Follower> followers = new ArrayList<>();
                private double level;

                public void follow(Follower f) {
                    followers.add(f);
                }

                public void leave(Follower f) {
                    followers.remove(f);
                }

                public void measure(double value) {
                    if (Math.abs(value - level) > 0.01) {
                        level = value;
                        tell();
                    }
                }

                private void tell() {
                    for (Follower f : followers) {
                        f.level(level);
                    }
                }
            }

            interface Follower {
                void level(double metres);
            }

            class Board implements Follower {
                private String text = "";

                @Override
                public void level(double metres) {
                    text = metres + " m";
                }

                String text() {
                    return text;
                }
            }

            class Horn implements Follower {
                private int blasts;

                @Override
                public void level(double metres) {
                    if (metres > 4) {
                        blasts++;
                    }
                }

                int blasts() {
                    return blasts;
                }
            }
            """;

    private static final String OFFICE = """
            package quarter%1$d;

            public class Office {
                private Tariff tariff;
                private double income;

                public Office(Tariff tariff) {
                    this.tariff = tariff;
                }

                public void use(Tariff other) {
                    tariff = other;
                }

                public double bill(int days, double length) {
                    double sum = 0;
                    for (int i = 0; i < days; i++) {
                        sum += tariff.day(length);
                    }
                    income += sum;
                    return sum;
                }

                public double income() {
                    return income;
                }
            }

            interface Tariff {
                double day(double length);
            }

            class PerMetre implements Tariff {
                @Override
                public double day(double length) {
                    return length * 1.5;
                }
            }

            class Flat implements Tariff {
                @Override
                public double day(double length) {
                    return length > 20 ? 40 : 25;
                }
            }
            """;

    private static final String QUAY = """
            package quarter%1$d;

            import java.util.HashMap;
            import java.util.Map;

            public class Quay {
                private final Gauge gauge = new Gauge();
                private final Map<String, Double> ships = new HashMap<>();

                public Quay() {
                    gauge.follow(new Board());
                    gauge.follow(new Horn());
                }

                public void arrive(String name, double length) {
                    ships.put(name, length);
                    gauge.measure(ships.size() / 10.0);
                }

                public double longest() {
                    return ships.values().stream().mapToDouble(d -> d).max().orElse(0);
                }

                public Gauge gauge() {
                    return gauge;
                }
            }
            """;

    private static final String DAY = """
            package quarter%1$d;

            public class Day {
                private final Quay quay = new Quay();
                private final Office office = new Office(new Flat());

                public double run(int ships) {
                    double sum = 0;
                    for (int i = 0; i < ships; i++) {
                        quay.arrive("ship" + i, 10 + i %% 30);
                        if (i %% 7 == 0) {
                            office.use(i %% 2 == 0 ? new PerMetre() : new Flat());
                        }
                        sum += office.bill(1 + i %% 3, quay.longest());
                    }
                    return sum%2$s;
                }
            }
            """;

    private HarbourProgram() {}

    /** A program of {@code types} types, a multiple of {@link #QUARTER}, one file for each group of them. */
    static List<SourceFile> of(int types) {
        List<SourceFile> files = new ArrayList<>();
        for (int i = 0; i < types / QUARTER; i++) {
            String before = i == 0 ? "" : " + new quarter" + (i - 1) + ".Day().run(1)";
            String folder = "quarter" + i + "/";
            files.add(new SourceFile(folder + "Day.java", DAY.formatted(i, before)));
            files.add(new SourceFile(folder + "Gauge.java", GAUGE.formatted(i)));
            files.add(new SourceFile(folder + "Office.java", OFFICE.formatted(i)));
            files.add(new SourceFile(folder + "Quay.java", QUAY.formatted(i)));
        }
        return files;
    }
}
