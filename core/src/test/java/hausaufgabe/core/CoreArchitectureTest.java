package hausaufgabe.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.Architectures;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;
import org.junit.jupiter.api.Test;

/** Which room may know which, held against the class files. */
class CoreArchitectureTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("hausaufgabe.core");

    @Test
    void noPackageGoesRoundInACircleWithOthers() {
        slices().matching("hausaufgabe.core.(**)").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void insideMatchingAndScenarioNoClassGoesRoundInACircle() {
        slices().assignedFrom(new SliceAssignment() {
                    @Override
                    public SliceIdentifier getIdentifierOf(JavaClass c) {
                        boolean inside = c.getPackageName().matches("hausaufgabe\\.core\\.(matching|scenario)(\\..*)?");
                        return inside ? SliceIdentifier.of(outermost(c).getName()) : SliceIdentifier.ignore();
                    }

                    @Override
                    public String getDescription() {
                        return "classes of matching and scenario";
                    }
                })
                .should()
                .beFreeOfCycles()
                .check(CORE);
    }

    private static JavaClass outermost(JavaClass c) {
        return c.getEnclosingClass().map(CoreArchitectureTest::outermost).orElse(c);
    }

    @Test
    void eachRoomKnowsOnlyThoseBelowIt() {
        Architectures.layeredArchitecture()
                .consideringOnlyDependenciesInAnyPackage("hausaufgabe.core..")
                .layer("design")
                .definedBy("hausaufgabe.core.design", "hausaufgabe.core.report")
                .layer("notation")
                .definedBy("hausaufgabe.core.notation")
                .layer("seams")
                .definedBy("hausaufgabe.core.driver", "hausaufgabe.core.language")
                .layer("matching")
                .definedBy("hausaufgabe.core.matching..")
                .layer("marking")
                .definedBy("hausaufgabe.core.marking")
                .layer("scenario")
                .definedBy("hausaufgabe.core.scenario..")
                .layer("catalogue")
                .definedBy("hausaufgabe.core.catalogue")
                .whereLayer("catalogue")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("scenario")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("matching")
                .mayOnlyBeAccessedByLayers("scenario", "catalogue")
                .whereLayer("seams")
                .mayOnlyBeAccessedByLayers("scenario")
                .whereLayer("notation")
                .mayOnlyBeAccessedByLayers("seams", "matching", "marking", "scenario", "catalogue")
                .check(CORE);
    }

    @Test
    void theCoreKnowsNoProcessNoFileAndNoClock() {
        noClasses()
                .that()
                .resideOutsideOfPackage("hausaufgabe.core.catalogue")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.io..", "java.nio.file..", "java.net..", "javax.tools..", "java.sql..")
                .orShould()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.lang.Process")
                .orShould()
                .callMethod(System.class, "nanoTime")
                .orShould()
                .callMethod(System.class, "currentTimeMillis")
                .check(CORE);
    }

    @Test
    void noNameHidesOneOfThePlatformOrSaysNothing() {
        noClasses()
                .should()
                .haveSimpleName("Pattern")
                .orShould()
                .haveSimpleName("Matcher")
                .orShould()
                .haveSimpleName("Objects")
                .orShould()
                .haveNameMatching(".*\\.(?:\\w*(?:Manager|Helper|Util|Utils|Impl|Base))")
                .check(CORE);
    }

    @Test
    void everyAnalysisThatServesOnePatternLiesWhereThatIsSaid() {
        classes()
                .that()
                .resideInAPackage("hausaufgabe.core.matching.onepattern")
                .and()
                .areTopLevelClasses()
                .and()
                .doNotHaveSimpleName("package-info")
                .should()
                .haveSimpleNameEndingWith("Analysis")
                .check(CORE);
    }
}
