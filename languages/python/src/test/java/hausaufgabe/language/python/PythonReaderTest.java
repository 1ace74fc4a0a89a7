package hausaufgabe.language.python;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.matching.Match;
import hausaufgabe.core.matching.RoleMatcher;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.Status;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Python programs as students write them, judged by their structure with the catalogue that all languages share. */
class PythonReaderTest {

    private static final Path PROGRAMS = Path.of("src/test/resources/hausaufgabe/language/python");

    /** What a person says of a program: who plays which role, and what is not as it should be. */
    private static Arguments said(String program, String pattern, Map<String, String> roles, String... wrong) {
        return Arguments.of(program, pattern, new TreeMap<>(roles), new TreeSet<>(List.of(wrong)));
    }

    static Stream<Arguments> programs() {
        return Stream.of(
                said(
                        "strategy-duck",
                        "strategy",
                        Map.of("Context", "Lotse", "ConcreteStrategy", "Direkt Kuestenweg UmDieInsel")),
                said(
                        "strategy-functions",
                        "strategy",
                        Map.of("Context", "HarbourOffice", "ConcreteStrategy", "lambda lambda lambda")),
                said(
                        "strategy-lambdas",
                        "strategy",
                        Map.of("Context", "Marina", "ConcreteStrategy", "lambda lambda lambda")),
                said(
                        "strategy-asks-the-kind",
                        "strategy",
                        Map.of("Context", "Office", "Strategy", "Fee", "ConcreteStrategy", "ByMetre Flat"),
                        "delegates",
                        "types"),
                said(
                        "observer-duck",
                        "observer",
                        Map.of("Subject", "TideGauge", "ConcreteObserver", "Board Logbook Siren")),
                said(
                        "observer-callbacks",
                        "observer",
                        Map.of("Subject", "Lock", "ConcreteObserver", "Lamp lambda lambda")),
                said(
                        "observer-never-told",
                        "observer",
                        Map.of("Subject", "Pegel", "ConcreteObserver", "Anzeige Sirene"),
                        "told",
                        "changes"),
                said(
                        "composite-recursive",
                        "composite",
                        Map.of("Component", "Ladung", "Composite", "Container", "Leaf", "Kiste")),
                said(
                        "composite-forgets-the-last",
                        "composite",
                        Map.of("Component", "Item", "Composite", "Pallet", "Leaf", "Barrel"),
                        "passes"),
                said(
                        "template-method",
                        "template-method",
                        Map.of("AbstractClass", "Departure", "ConcreteClass", "Ferry Freighter")),
                said(
                        "template-method-german",
                        "template-method",
                        Map.of("AbstractClass", "Rundgang", "ConcreteClass", "Feuerwache Nachtwache")),
                said(
                        "command-undo",
                        "command",
                        Map.of("Invoker", "Foreman", "ConcreteCommand", "Lift Lower", "Receiver", "Crane")),
                said(
                        "visitor",
                        "visitor",
                        Map.of(
                                "Element",
                                "Building",
                                "ConcreteElement",
                                "Lighthouse Warehouse",
                                "Visitor",
                                "Inspector",
                                "ConcreteVisitor",
                                "FireInspector TaxInspector")),
                said("delegation", "delegation", Map.of("Delegator", "Skipper", "Delegate", "Winch")),
                said(
                        "factory-table",
                        "polymorphic-factory",
                        Map.of("Factory", "Yard", "Abstraction", "Boat", "Variant", "Barge Cutter Dinghy")),
                said(
                        "factory-branches",
                        "polymorphic-factory",
                        Map.of("Factory", "boats", "Abstraction", "Boot", "Variant", "Jolle Kutter")),
                said(
                        "builder-fluent",
                        "builder",
                        Map.of("Product", "Voyage", "ConcreteBuilder", "VoyageBuilder", "Director", "Planner")),
                said(
                        "builder-dataclass",
                        "builder",
                        Map.of("Product", "Manifest", "ConcreteBuilder", "ManifestBuilder", "Director", "Clerk")),
                said(
                        "null-object",
                        "null-object",
                        Map.of("NullObject", "NoPilot", "RealObject", "Pilot", "Client", "Port")),
                said("singleton-instance", "singleton", Map.of("Singleton", "Hafenbuch")),
                said("singleton-new", "singleton", Map.of("Singleton", "Seekarte")),
                said(
                        "observer-abc",
                        "observer",
                        Map.of("Observer", "Abonnent", "Subject", "Zeitung", "ConcreteObserver", "Archiv Kunde")),
                said("observer-hook", "observer", Map.of("Subject", "Kessel", "ConcreteObserver", "Protokoll Ventil")),
                said(
                        "strategy-context-list",
                        "strategy",
                        Map.of("Context", "Fleet", "Strategy", "SortStrategy", "ConcreteStrategy", "ByLength ByName")),
                said(
                        "strategy-if-else",
                        "strategy",
                        Map.of("Context", "Fracht", "ConcreteStrategy", ""),
                        "abstraction",
                        "alternatives",
                        "switch",
                        "delegates",
                        "given",
                        "held"),
                said(
                        "command-macro",
                        "command",
                        Map.of("Command", "Befehl", "ConcreteCommand", "LichtAn Makro", "Invoker", "Pult")),
                said(
                        "visitor-getattr",
                        "visitor",
                        Map.of(
                                "Element",
                                "Knoten",
                                "ConcreteElement",
                                "Summe Zahl",
                                "ConcreteVisitor",
                                "Drucker Rechner")),
                said("singleton-decorator", "singleton", Map.of("Singleton", "Leuchtturm")),
                said("singleton-metaclass", "singleton", Map.of("Singleton", "Leuchtturm")),
                said("singleton-module", "singleton", Map.of("Singleton", "_Protokoll")),
                said("singleton-cached", "singleton", Map.of("Singleton", "Seekarte")),
                said("singleton-decorated-anew", "singleton", Map.of("Singleton", "Leuchtturm"), "same"),
                said(
                        "builder-abc",
                        "builder",
                        Map.of(
                                "Product",
                                "Haus",
                                "Builder",
                                "HausBauer",
                                "ConcreteBuilder",
                                "HolzBauer SteinBauer",
                                "Director",
                                "Polier")),
                said(
                        "composite-safe",
                        "composite",
                        Map.of("Component", "Posten", "Composite", "Paket", "Leaf", "Artikel")),
                said(
                        "template-method-copied",
                        "template-method",
                        Map.of("AbstractClass", "Export", "ConcreteClass", "Csv Html"),
                        "template"),
                said(
                        "null-object-abc",
                        "null-object",
                        Map.of(
                                "Abstraction",
                                "Logger",
                                "NullObject",
                                "NullLogger",
                                "RealObject",
                                "FileLogger",
                                "Client",
                                "Ferry")),
                said(
                        "delegation-abc",
                        "delegation",
                        Map.of("Delegator", "Sekretariat", "Abstraction", "Drucker", "Delegate", "Laser Tinte")),
                said(
                        "factory-classmethod",
                        "polymorphic-factory",
                        Map.of("Factory", "Tier", "Abstraction", "Tier", "Variant", "Hund Katze")),
                said("singleton-every-time", "singleton", Map.of("Singleton", "HarbourClock"), "kept", "same"));
    }

    private static List<SourceFile> files(String program) {
        try (Stream<Path> all = Files.list(PROGRAMS.resolve(program))) {
            List<SourceFile> files = new ArrayList<>();
            for (Path p : all.sorted().toList()) {
                files.add(new SourceFile(p.getFileName().toString(), Files.readString(p)));
            }
            return files;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Reading read(List<SourceFile> files) {
        return new PythonReader().read(files);
    }

    private static Design read(String... lines) {
        return read(List.of(new SourceFile("quay.py", String.join("\n", lines))))
                .design();
    }

    private static Match judged(String pattern, List<SourceFile> files) {
        DesignPattern p =
                Patterns.all(Catalogue.text(pattern).orElseThrow()).asJudged().get(0);
        return RoleMatcher.match(p, read(files).design(), null, Map.of());
    }

    private static void assertSaid(Match m, Map<String, String> roles, TreeSet<String> wrong) {
        Map<String, String> found = new TreeMap<>();
        roles.keySet()
                .forEach(role -> found.put(
                        role,
                        String.join(
                                " ",
                                m.binding().types(role).stream()
                                        .map(Type::name)
                                        .sorted()
                                        .toList())));
        TreeSet<String> faulted = new TreeSet<>();
        m.findings().stream()
                .filter(f -> f.status() == Status.UNMET || f.status() == Status.PARTLY)
                .map(Finding::id)
                .forEach(faulted::add);
        assertEquals(roles, found);
        assertEquals(wrong, faulted);
    }

    @ParameterizedTest
    @MethodSource("programs")
    void aProgramIsJudgedAsAPersonWould(
            String program, String pattern, Map<String, String> roles, TreeSet<String> wrong) {
        Reading reading = read(files(program));
        assertTrue(reading.compiled(), reading.diagnostics().toString());
        assertSaid(judged(pattern, files(program)), roles, wrong);
    }

    /** In another order of files, and with names that say nothing, the same is found. */
    @ParameterizedTest
    @MethodSource("programs")
    void neitherOrderNorNamesOfOperationsMatter(
            String program, String pattern, Map<String, String> roles, TreeSet<String> wrong) {
        List<SourceFile> others = new ArrayList<>();
        for (SourceFile f : files(program)) {
            String text = f.text();
            // names that the library has as well stay
            for (String own : List.of(
                    "execute",
                    "undo",
                    "attach",
                    "detach",
                    "accept",
                    "build",
                    "instance",
                    "level_changed",
                    "gewicht",
                    "strecke")) {
                text = text.replaceAll("(?<=def |\\.)" + own + "\\b(?=\\()", "z" + own.length() + own.charAt(0) + "q");
            }
            others.add(new SourceFile(f.path(), text));
        }
        Collections.shuffle(others, new Random(7));
        assertSaid(judged(pattern, others), roles, wrong);
    }

    @Test
    void whatIsBrokenIsToldAndTheRestIsRead() {
        Reading reading = read(List.of(
                new SourceFile(
                        "broken.py", "class Boat:\n    def sail(self:\n        return 1\n\nclass Pier:\n    pass\n"),
                new SourceFile("whole.py", "class Buoy:\n    def ring(self):\n        print('ding')\n")));
        assertFalse(reading.compiled());
        assertEquals("broken.py", reading.diagnostics().get(0).file());
        assertEquals(2, reading.diagnostics().get(0).line());
        assertEquals(1, reading.design().typesNamed("Buoy").size());
        assertEquals(1, reading.design().typesNamed("Pier").size());
    }

    @Test
    void whatWasNotHandedInIsUnknownAndNotAbsent() {
        Design d = read("from elsewhere import Boat", "class Dinghy(Boat):", "    def sail(self):", "        return 1");
        assertTrue(
                d.unresolved().types().contains("Boat"), d.unresolved().types().toString());
        // what is the language's own is known
        assertTrue(read("import threading", "class T(threading.Thread):", "    pass")
                .unresolved()
                .isEmpty());
    }

    @Test
    void modulesThatImportEachOtherAreRead() {
        Reading reading = read(List.of(
                new SourceFile("harbour/__init__.py", ""),
                new SourceFile(
                        "harbour/a.py",
                        "from harbour import b\n\nclass A:\n    def use(self):\n        return b.B()\n"),
                new SourceFile("harbour/b.py", "from .a import A\n\nclass B(A):\n    pass\n")));
        Design d = reading.design();
        Type b = d.typesNamed("B").get(0);
        assertEquals("harbour.a.A", b.supertypes().get(0).type());
        assertTrue(d.operationsOf(d.typesNamed("A").get(0)).stream()
                .anyMatch(o -> o.body().toString().contains("type=harbour.b.B")));
    }

    @Test
    void whatNobodyWroteDownIsAnAbstractionAllTheSame() {
        Design d = read(files("observer-duck")).design();
        Type implied = d.types().stream()
                .filter(t -> t.origin() == Type.Origin.IMPLIED)
                .findFirst()
                .orElseThrow();
        assertEquals("what TideGauge asks", implied.name());
        assertEquals(
                List.of("level_changed"),
                d.operationsOf(implied).stream().map(Operation::name).toList());
        assertEquals(3, d.realisationsOf(implied).size());
    }

    @Test
    void placesAreToldInCharactersWhateverLettersStandBefore() {
        String text = "größe = 'Höhe über Süßwasser 🌊'\n\nclass Pegel:\n    pass\n";
        Type t = read(List.of(new SourceFile("pegel.py", text)))
                .design()
                .typesNamed("Pegel")
                .get(0);
        assertEquals(3, t.span().line());
        assertEquals("class Pegel:", text.substring(t.span().from(), t.span().from() + 12));
    }

    @Test
    void dynamicAttributesAreUnknown() {
        Design d = read(
                "class Desk:",
                "    def call(self, name, other):",
                "        return getattr(other, name)()",
                "    def run(self, text):",
                "        return eval(text)");
        assertEquals(
                2,
                d.operationsOf(d.typesNamed("Desk").get(0)).stream()
                        .filter(Operation::isMethod)
                        .count());
        assertTrue(d.unresolved().isEmpty());
    }

    @Test
    void partsOfALanguageThatFewKnowDoNoHarm() {
        Design d = read(
                "import asyncio",
                "class Tide:",
                "    __slots__ = ('level',)",
                "    async def rise(self, *args, by: int = 1, **rest):",
                "        async with asyncio.Lock() as lock:",
                "            self.level = (n := by) + sum(x for x in args if x)",
                "        match rest:",
                "            case {'to': to} if to: self.level = to",
                "            case [a, *others]: pass",
                "            case _: return [y async for y in self]",
                "        del self.level",
                "    def __iter__(self):",
                "        yield from (1, 2)",
                "    @staticmethod",
                "    def of[T](x: T) -> 'Tide': return Tide()",
                "lambda: (yield)",
                "x: 'list[Tide]' = [*[], Tide()]");
        assertEquals(1, d.typesNamed("Tide").size());
    }
}
