package hausaufgabe.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.library.Architectures;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The arrows between modules, read off their class files. None may run backwards, and each uses only the libraries it may. */
class HouseArchitectureTest {

    private static JavaClasses of(String... modules) {
        List<Path> paths = new ArrayList<>();
        for (String m : modules) {
            paths.add(Path.of("..", m, "target", "classes"));
        }
        return new ClassFileImporter().importPaths(paths);
    }

    @Test
    void aSubmissionTravelsOneWay() {
        Architectures.layeredArchitecture()
                .consideringOnlyDependenciesInAnyPackage("hausaufgabe..")
                .layer("core")
                .definedBy("hausaufgabe.core..")
                .layer("languages")
                .definedBy("hausaufgabe.language..")
                .layer("drivers")
                .definedBy("hausaufgabe.driver..")
                .layer("checking")
                .definedBy("hausaufgabe.checking..")
                .layer("dispatch")
                .definedBy("hausaufgabe.dispatch..")
                .layer("server")
                .definedBy("hausaufgabe.server..")
                .whereLayer("server")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("dispatch")
                .mayOnlyBeAccessedByLayers("server")
                .whereLayer("checking")
                .mayOnlyBeAccessedByLayers("dispatch", "server")
                .whereLayer("drivers")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("languages")
                .mayOnlyBeAccessedByLayers("checking")
                .whereLayer("core")
                .mayOnlyBeAccessedByLayers("languages", "checking", "dispatch", "server")
                .check(of(
                        "core",
                        "languages/java",
                        "languages/scripts",
                        "languages/python",
                        "languages/javascript",
                        "languages/values",
                        "drivers/jvm",
                        "checking",
                        "dispatch",
                        "server"));
    }

    @ParameterizedTest
    @CsvSource({
        "core, java. org.jspecify. hausaufgabe.core.",
        "languages/java, java. javax.tools. javax.lang.model. com.sun.source. org.objectweb.asm. com.github.curiousoddman.rgxgen. org.jspecify. hausaufgabe.core."
                + " hausaufgabe.language.",
        "languages/values, java. com.github.curiousoddman.rgxgen. org.jspecify. hausaufgabe.core. hausaufgabe.language.values.",
        "languages/scripts, java. com.fasterxml.jackson. org.treesitter. org.jspecify. hausaufgabe.core. hausaufgabe.language.values."
                + " hausaufgabe.language.scripts.",
        "languages/python, java. org.treesitter. org.jspecify. hausaufgabe.core. hausaufgabe.language.values. hausaufgabe.language.scripts."
                + " hausaufgabe.language.python.",
        "languages/javascript, java. org.treesitter. org.jspecify. hausaufgabe.core. hausaufgabe.language.values. hausaufgabe.language.scripts."
                + " hausaufgabe.language.javascript.",
        "drivers/jvm, java. org.json. sun.misc. hausaufgabe.driver.",
        "checking, java. com.fasterxml. org.apache.commons.compress. org.yaml.snakeyaml. picocli. org.slf4j. org.jspecify. hausaufgabe.core. hausaufgabe.language. hausaufgabe.checking.",
        "dispatch, java. com.fasterxml. jakarta.jms. org.springframework.jms. org.springframework.context. org.apache.activemq. picocli. org.slf4j. org.jspecify."
                + " hausaufgabe.core. hausaufgabe.checking. hausaufgabe.dispatch."
    })
    void aModuleUsesOnlyTheLibrariesItMay(String module, String allowed) {
        List<String> beginnings = List.of(allowed.split(" "));
        classes()
                .should()
                .onlyDependOnClassesThat(new DescribedPredicate<JavaClass>("are of " + allowed) {
                    @Override
                    public boolean test(JavaClass c) {
                        JavaClass base = c.getBaseComponentType();
                        return base.isPrimitive() || beginnings.stream().anyMatch(base.getName()::startsWith);
                    }
                })
                .check(of(module));
    }

    @Test
    void featuresOfTheServerKnowEachOtherOneWay() {
        String root = "hausaufgabe.server.";
        List<String> order = List.of(
                "account",
                "course",
                "exercise",
                "submission",
                "git",
                "review",
                "reading",
                "study",
                "handout",
                "grade",
                "personal",
                "moving",
                "demo");
        List<String> packages = order.stream().map(f -> root + f + "..").toList();
        Architectures.LayeredArchitecture features = Architectures.layeredArchitecture()
                .consideringOnlyDependenciesInAnyPackage(
                        packages.get(0), packages.subList(1, packages.size()).toArray(String[]::new));
        for (String f : order) {
            features = features.layer(f).definedBy(root + f + "..");
        }
        for (int i = 0; i < order.size(); i++) {
            List<String> later = order.subList(i + 1, order.size());
            features = later.isEmpty()
                    ? features.whereLayer(order.get(i)).mayNotBeAccessedByAnyLayer()
                    : features.whereLayer(order.get(i)).mayOnlyBeAccessedByLayers(later.toArray(String[]::new));
        }
        features.check(of("server"));
    }

    @ParameterizedTest
    @CsvSource({"checking, hausaufgabe.checking.(*).."})
    void noPackageGoesRoundInACircle(String module, String packages) {
        slices().matching(packages).should().beFreeOfCycles().check(of(module));
    }
}
