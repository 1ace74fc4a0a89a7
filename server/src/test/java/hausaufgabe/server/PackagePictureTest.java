package hausaufgabe.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The picture of packages in {@code docs/architecture.md} is drawn from the class files and says what they say. */
class PackagePictureTest {

    private static final Path PICTURE = Path.of("../docs/packages.svg");
    private static final String ROOT = "hausaufgabe.";
    private static final int WIDE = 168;
    private static final int HIGH = 30;
    private static final int GAP = 22;
    private static final int STEP = 92;

    @Test
    void thePictureIsUpToDate() throws IOException {
        String drawn = draw(arrows());

        if (Boolean.getBoolean("hausaufgabe.keep")) {
            Files.writeString(PICTURE, drawn);
        }

        assertTrue(Files.exists(PICTURE), "draw it with -Dhausaufgabe.keep=true");
        assertEquals(Files.readString(PICTURE), drawn, "draw it anew: PackagePictureTest with -Dhausaufgabe.keep=true");
    }

    private static Map<String, TreeSet<String>> arrows() {
        List<Path> modules = Stream.of(
                        "core",
                        "languages/java",
                        "languages/scripts",
                        "languages/python",
                        "drivers/jvm",
                        "checking",
                        "server")
                .map(m -> Path.of("..", m, "target", "classes"))
                .toList();
        Map<String, TreeSet<String>> arrows = new TreeMap<>();
        for (JavaClass c : new ClassFileImporter().importPaths(modules)) {
            String from = room(c);
            arrows.computeIfAbsent(from, k -> new TreeSet<>());
            c.getDirectDependenciesFromSelf().stream()
                    .map(d -> d.getTargetClass().getBaseComponentType())
                    .filter(t -> t.getPackageName().startsWith("hausaufgabe"))
                    .map(PackagePictureTest::room)
                    .filter(to -> !to.equals(from))
                    .forEach(arrows.get(from)::add);
        }
        return arrows;
    }

    /** The core package by package; of the other modules each is one. */
    private static String room(JavaClass c) {
        String name = c.getPackageName().substring(ROOT.length());
        if (name.startsWith("core")) {
            return name;
        }
        String[] parts = name.split("\\.");
        return name.startsWith("language") ? parts[0] + "." + parts[1] : parts[0];
    }

    private static int rank(String room, Map<String, TreeSet<String>> arrows, Map<String, Integer> known) {
        Integer rank = known.get(room);
        if (rank == null) {
            known.put(room, 0);
            rank = arrows.getOrDefault(room, new TreeSet<>()).stream()
                    .mapToInt(to -> rank(to, arrows, known) + 1)
                    .max()
                    .orElse(0);
            known.put(room, rank);
        }
        return rank;
    }

    /** Without the arrows that others imply. */
    private static boolean isNeeded(String from, String to, Map<String, TreeSet<String>> arrows) {
        return arrows.get(from).stream()
                .filter(via -> !via.equals(to))
                .noneMatch(via -> reaches(via, to, arrows, new TreeSet<>()));
    }

    private static boolean reaches(String from, String to, Map<String, TreeSet<String>> arrows, TreeSet<String> seen) {
        return from.equals(to)
                || seen.add(from)
                        && arrows.getOrDefault(from, new TreeSet<>()).stream()
                                .anyMatch(next -> reaches(next, to, arrows, seen));
    }

    private static String draw(Map<String, TreeSet<String>> arrows) {
        Map<String, Integer> ranks = new TreeMap<>();
        arrows.keySet().forEach(room -> rank(room, arrows, ranks));
        int top = ranks.values().stream().mapToInt(Integer::intValue).max().orElse(0);
        Map<String, int[]> places = new LinkedHashMap<>();
        int widest = 0;
        for (int rank = top; rank >= 0; rank--) {
            int now = rank;
            List<String> row =
                    ranks.keySet().stream().filter(r -> ranks.get(r) == now).toList();
            widest = Math.max(widest, row.size() * (WIDE + GAP) + GAP);
        }
        for (int rank = top; rank >= 0; rank--) {
            int now = rank;
            List<String> row = new ArrayList<>(
                    ranks.keySet().stream().filter(r -> ranks.get(r) == now).toList());
            int left = (widest - row.size() * (WIDE + GAP) + GAP) / 2;
            for (int i = 0; i < row.size(); i++) {
                places.put(row.get(i), new int[] {left + i * (WIDE + GAP), GAP + (top - rank) * STEP});
            }
        }
        int high = GAP * 2 + HIGH + top * STEP;
        StringBuilder svg = new StringBuilder();
        svg.append("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 " + widest + " " + high + "\" width=\""
                + widest + "\" height=\"" + high + "\" font-family=\"sans-serif\" font-size=\"12\">\n");
        svg.append(
                "<title>Packages of Hausaufgabe and what each knows; arrows that others imply are left out</title>\n");
        svg.append("<rect width=\"100%\" height=\"100%\" fill=\"#fbf8f1\"/>\n");
        svg.append(
                "<defs><marker id=\"tip\" viewBox=\"0 0 8 8\" refX=\"8\" refY=\"4\" markerWidth=\"8\" markerHeight=\"8\""
                        + " orient=\"auto\"><path d=\"M0 0 8 4 0 8\" fill=\"none\" stroke=\"#2b2a27\"/></marker></defs>\n");
        arrows.forEach((from, all) -> all.stream()
                .filter(to -> isNeeded(from, to, arrows))
                .forEach(to -> svg.append(arrow(places.get(from), places.get(to)))));
        places.forEach((room, at) -> svg.append(box(room, at)));
        return svg.append("</svg>\n").toString();
    }

    private static String arrow(int[] from, int[] to) {
        int x1 = from[0] + WIDE / 2;
        int y1 = from[1] + HIGH;
        int x2 = to[0] + WIDE / 2;
        int bend = STEP / 3;
        return "<path d=\"M" + x1 + " " + y1 + "C" + x1 + " " + (y1 + bend) + " " + x2 + " " + (to[1] - bend) + " " + x2
                + " " + to[1] + "\" fill=\"none\" stroke=\"#2b2a27\" stroke-width=\"0.9\" stroke-dasharray=\"5 3\""
                + " marker-end=\"url(#tip)\"/>\n";
    }

    private static String box(String room, int[] at) {
        return "<rect x=\"" + at[0] + "\" y=\"" + at[1] + "\" width=\"" + WIDE + "\" height=\"" + HIGH
                + "\" fill=\"#fffdf8\" stroke=\"#2b2a27\"/><text x=\"" + (at[0] + WIDE / 2) + "\" y=\"" + (at[1] + 19)
                + "\" text-anchor=\"middle\" fill=\"#2b2a27\">" + room + "</text>\n";
    }
}
