package hausaufgabe.checking.command;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.notation.DesignPattern;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Patterns: those of the catalogue, and files of one's own. */
@Command(name = "pattern", description = "Shows patterns of the catalogue, and checks pattern files.")
public final class PatternCommand implements Runnable {

    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        throw new ParameterException(
                spec.commandLine(), "say what: pattern list, pattern show ID or pattern check FILE");
    }

    @Command(description = "Lists the patterns of the catalogue.")
    int list() {
        for (String id : Catalogue.ids()) {
            DesignPattern p = Catalogue.pattern(id).orElseThrow();
            spec.commandLine().getOut().printf("%-20s %s%n", id, p.intent());
        }
        return 0;
    }

    @Command(description = "Shows a pattern: what it is for, who takes part, what is asked, what often goes wrong.")
    int show(
            @Parameters(paramLabel = "ID", description = "The pattern's id; pattern list has them.") String id,
            @Option(names = "--notation", description = "As a file of the notation, to begin one of your own with.")
                    boolean notation) {
        String text = Catalogue.text(id)
                .orElseThrow(() -> new ParameterException(
                        spec.commandLine(),
                        "there is no pattern " + id + ". The catalogue holds: " + String.join(", ", Catalogue.ids())));
        spec.commandLine()
                .getOut()
                .print(notation ? text : PatternText.of(Catalogue.pattern(id).orElseThrow()));
        spec.commandLine().getOut().flush();
        return 0;
    }

    @Command(description = "Says whether a file is a pattern; if not, where it stops being one, and what may be meant.")
    int check(
            @Parameters(paramLabel = "FILE", description = "A .muster file.") Path file,
            @Option(names = "--lay-out", description = "Writes it back in the usual layout; comments stay.")
                    boolean layOut)
            throws IOException {
        PatternFile read;
        try {
            read = PatternFile.read(file);
        } catch (PatternFile.UnreadablePattern e) {
            throw new ParameterException(spec.commandLine(), e.getMessage());
        }
        for (DesignPattern p : read.patterns().patterns()) {
            double points = p.requirements().stream()
                    .mapToDouble(DesignPattern.Requirement::points)
                    .sum();
            spec.commandLine()
                    .getOut()
                    .printf(
                            java.util.Locale.ROOT,
                            "%s is a pattern: %s, %d roles, %d requirements worth %s points, %d forms, %d scenarios.%n",
                            file,
                            p.title(),
                            p.roles().size(),
                            p.requirements().size(),
                            points == Math.rint(points) ? String.valueOf((long) points) : String.valueOf(points),
                            p.forms().size(),
                            p.scenarios().size());
        }
        if (layOut) {
            Path beside = Files.createTempFile(file.toAbsolutePath().getParent(), "pattern", ".muster");
            Files.writeString(beside, read.patterns().print());
            Files.move(beside, file, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        }
        return 0;
    }
}
