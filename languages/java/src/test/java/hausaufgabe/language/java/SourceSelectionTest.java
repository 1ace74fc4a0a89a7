package hausaufgabe.language.java;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.matching.Match;
import hausaufgabe.core.matching.RoleMatcher;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SourceSelectionTest {

    @Test
    void aFileThatNeedsATestLibraryIsLeftOut() {
        Reading reading =
                read("class Quay {}", "import org.junit.jupiter.api.Test; class QuayTest { @Test void t() {} }");

        assertTrue(reading.compiled());
        assertEquals(1, reading.design().types().size());
    }

    @Test
    void aPackageOfOnesOwnMayBeCalledLikeATestLibrary() {
        Reading reading = read(
                "package org.mockito.harbour; public interface part0 {}",
                "package berth; import org.mockito.harbour.part0; class Berth { part0 quay; }",
                "package junit.tow; public class part2 {}",
                "package berth; import junit.tow.part2; class Tow { part2 rope; }");

        assertTrue(reading.compiled(), () -> reading.diagnostics().toString());
        assertEquals(4, reading.design().types().size());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "java.util",
                "javax.swing",
                "org.junit.jupiter.api",
                "org.opentest4j",
                "hausaufgabe.driver",
                "com.sun.x"
            })
    void whatClaimsAPackageOfThePlatformIsLeftOutAndSaidToBe(String name) {
        Reading reading = read("class Quay {}", "package " + name + "; public class Sly {}");

        assertTrue(reading.compiled());
        assertEquals(1, reading.design().types().size());
        assertTrue(reading.diagnostics().get(0).message().contains("give the package another name"));
    }

    @Test
    void aPinThatNamesNoTypeLeavesItsRoleEmpty() {
        Reading reading =
                read("interface Fee { int of(int m); } class Flat implements Fee { public int of(int m) { return 1; } }"
                        + " class Berth { Fee fee; Berth(Fee f) { fee = f; } int due(int m) { return fee.of(m); } }");

        Match match = RoleMatcher.match(
                Catalogue.pattern("strategy").orElseThrow(),
                reading.design(),
                null,
                Map.of("Context", List.of("Harbour")));

        assertTrue(match.binding().types("Context").isEmpty());
    }

    private static Reading read(String... sources) {
        List<SourceFile> files = new java.util.ArrayList<>();
        for (int i = 0; i < sources.length; i++) {
            files.add(new SourceFile("part" + i + ".java", sources[i]));
        }
        return new JavaReader().read(files);
    }
}
