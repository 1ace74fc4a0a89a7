package hausaufgabe.bench;

import hausaufgabe.core.language.SourceFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

/** The same checks as people write them: tests in a Maven project, run offline. */
final class MavenProject {

    private static final int RUNS = 3;

    private MavenProject() {}

    /** Median seconds of some runs after a first; 0 where Maven cannot run it offline on this machine. */
    static double seconds(Path project, List<SourceFile> sources) throws IOException, InterruptedException {
        Path main = Files.createDirectories(project.resolve("src/main/java"));
        Path test = Files.createDirectories(project.resolve("src/test/java"));
        for (SourceFile s : sources) {
            Files.writeString(main.resolve(s.path()), s.text());
        }
        Files.writeString(test.resolve("OfficeTest.java"), Office.TEST);
        Files.writeString(project.resolve("pom.xml"), """
                <project xmlns="http://maven.apache.org/POM/4.0.0">
                  <modelVersion>4.0.0</modelVersion>
                  <parent>
                    <groupId>org.springframework.boot</groupId>
                    <artifactId>spring-boot-starter-parent</artifactId>
                    <version>%s</version>
                    <relativePath/>
                  </parent>
                  <groupId>harbour</groupId>
                  <artifactId>office</artifactId>
                  <version>1</version>
                  <properties><java.version>17</java.version></properties>
                  <dependencies>
                    <dependency><groupId>org.junit.jupiter</groupId><artifactId>junit-jupiter</artifactId><scope>test</scope></dependency>
                  </dependencies>
                </project>
                """.formatted(System.getProperty("hausaufgabe.boot", "3.5.0")));
        double[] times = new double[RUNS];
        for (int i = -1; i < RUNS; i++) {
            long start = System.nanoTime();
            Process p;
            try {
                p = new ProcessBuilder("mvn", "-o", "-q", "test")
                        .directory(project.toFile())
                        .redirectErrorStream(true)
                        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                        .start();
            } catch (IOException noMaven) {
                return 0;
            }
            if (p.waitFor() != 0) {
                return 0;
            }
            if (i >= 0) {
                times[i] = (System.nanoTime() - start) / 1e9;
            }
        }
        Arrays.sort(times);
        return times[RUNS / 2];
    }
}
