package hausaufgabe.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Measures speed on this machine. */
@Command(
        name = "bench",
        description = {
            "Measures speed on this machine and prints a table.",
            "structure: reading sources and finding the roles, for programs of 10, 100 and 1,000 types.",
            "trees: reading jars of published sources and finding the roles in them.",
            "behaviour: one whole check with its scenarios, and many different ones.",
            "fairness: verdicts against what a person says of the same programs, as they are and written otherwise.",
            "intake: a pile of submissions from its upload until all are checked, and the pages meanwhile.",
            "workers: a pile of submissions that 1, 2 and 4 workers check, and 4 of which one is killed.",
            "pages: what somebody who marks waits for, in the real browser.",
            "grades: the grades of a large course, in the real browser, and ten people who mark at the same time.",
            "sheet: the grade sheet of a large course while its submissions are checked, and after."
        })
final class BenchCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(
            paramLabel = "WHAT",
            description =
                    "What to measure: structure, trees, behaviour, fairness, intake, workers, pages, grades or sheet.")
    private String what;

    @Option(
            names = "--samples",
            paramLabel = "DIR",
            description = "Folder of the samples, for behaviour (default: samples).")
    private Path samples = Path.of(System.getProperty("hausaufgabe.samples", "samples"));

    @Option(
            names = "--cases",
            paramLabel = "DIR",
            description = "Folder of judged programs beside the samples, for fairness; may be given several times.")
    private List<Path> cases = new ArrayList<>();

    @Option(names = "--trees", paramLabel = "DIR", description = "Folder of the jars of sources, for trees.")
    private Path trees;

    @Option(
            names = "--cohort",
            paramLabel = "N",
            description = "How many submissions are checked together (default: 1000).")
    private int cohort = 1000;

    @Override
    public Integer call() throws Exception {
        switch (what) {
            case "structure" -> spec.commandLine().getOut().println(new StructureBench().run());
            case "trees" -> {
                if (trees == null || !Files.isDirectory(trees)) {
                    throw new ParameterException(spec.commandLine(), "trees needs --trees with a folder of jars");
                }
                spec.commandLine().getOut().println(new TreeBench(TreeBench.jarsIn(trees)).run());
            }
            case "fairness" -> {
                List<Path> folders = new ArrayList<>(List.of(samples));
                folders.addAll(cases);
                for (Path f : folders) {
                    if (!Files.isDirectory(f)) {
                        throw new ParameterException(spec.commandLine(), "there is no folder at " + f);
                    }
                }
                spec.commandLine().getOut().println(new FairnessBench(folders).run());
            }
            case "intake" -> new IntakeBench(samples).run();
            case "workers" -> new WorkersBench(samples).run();
            case "pages" -> new PagesBench(samples).run();
            case "grades" -> new GradesBench(samples).run();
            case "sheet" -> new SheetBench(samples, cohort).run();
            case "behaviour" -> {
                if (!Files.isDirectory(samples)) {
                    throw new ParameterException(spec.commandLine(), "there is no folder at " + samples);
                }
                spec.commandLine().getOut().println(new BehaviourBench(samples, cohort).run());
            }
            default ->
                throw new ParameterException(
                        spec.commandLine(),
                        "bench measures structure, trees, behaviour, fairness, intake, workers, pages, grades or sheet, not "
                                + what);
        }
        return 0;
    }
}
