package hausaufgabe.server.git;

import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.server.exercise.Exercises;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.eclipse.jgit.dircache.DirCache;
import org.eclipse.jgit.dircache.DirCacheBuilder;
import org.eclipse.jgit.dircache.DirCacheEntry;
import org.eclipse.jgit.lib.CommitBuilder;
import org.eclipse.jgit.lib.Constants;
import org.eclipse.jgit.lib.FileMode;
import org.eclipse.jgit.lib.ObjectId;
import org.eclipse.jgit.lib.ObjectInserter;
import org.eclipse.jgit.lib.PersonIdent;
import org.eclipse.jgit.lib.RefUpdate;
import org.eclipse.jgit.lib.Repository;
import org.eclipse.jgit.storage.file.FileRepositoryBuilder;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The repositories, each in a folder of its own beside the records. One is made when it is first asked for. */
@Component
public class Repositories {

    static final String MAIN = Constants.R_HEADS + "main";
    /** Holds the brief, and is no source. */
    static final String BRIEF = "BRIEF.md";

    private final Path root;
    private final Exercises exercises;
    private final Clock clock;

    Repositories(@Value("${hausaufgabe.data}") Path data, Exercises exercises, Clock clock) {
        this.root = data.resolve("git");
        this.exercises = exercises;
        this.clock = clock;
    }

    /** A repository, which whoever asked for it closes; with the brief and the code to begin with where it is new. */
    Repository open(GitAddress address) throws IOException {
        Path folder = root.resolve(String.valueOf(address.exercise())).resolve(address.student() + ".git");
        if (!Files.exists(folder)) {
            make(address, folder);
        }
        return new FileRepositoryBuilder()
                .setGitDir(folder.toFile())
                .setMustExist(true)
                .build();
    }

    /** Half a repository is never found: it is made elsewhere and put in place as a whole. */
    private void make(GitAddress address, Path folder) throws IOException {
        Files.createDirectories(folder.getParent());
        Path made = Files.createTempDirectory(folder.getParent(), ".new-");
        try {
            try (Repository repository = new FileRepositoryBuilder()
                    .setGitDir(made.toFile())
                    .setBare()
                    .build()) {
                repository.create(true);
                repository.updateRef(Constants.HEAD).link(MAIN);
                begin(repository, exercises.opened(address.exercise()));
            }
            Files.move(made, folder, StandardCopyOption.ATOMIC_MOVE);
        } catch (FileAlreadyExistsException | java.nio.file.DirectoryNotEmptyException e) {
            // another request was quicker
        } finally {
            delete(made);
        }
    }

    /** Deletes a student's repository, where there is one. */
    public void remove(long exercise, long student) {
        try {
            delete(root.resolve(String.valueOf(exercise)).resolve(student + ".git"));
        } catch (IOException e) {
            throw new UncheckedIOException("the repository of a student could not be deleted", e);
        }
    }

    private static void delete(Path folder) throws IOException {
        if (Files.exists(folder)) {
            try (Stream<Path> all = Files.walk(folder)) {
                for (Path p : all.sorted((a, b) -> b.compareTo(a)).toList()) {
                    Files.deleteIfExists(p);
                }
            }
        }
    }

    private void begin(Repository repository, Exercises.Version version) throws IOException {
        ExerciseFolder folder = version.folder();
        Map<String, byte[]> files = new TreeMap<>();
        for (SourceFile s : folder.starter()) {
            files.put(s.path(), s.text().getBytes(StandardCharsets.UTF_8));
        }
        files.put(BRIEF, folder.brief().getBytes(StandardCharsets.UTF_8));
        PersonIdent us = new PersonIdent(
                "Hausaufgabe",
                "hausaufgabe@localhost",
                Instant.now(clock),
                version.settings().zone());
        try (ObjectInserter inserter = repository.newObjectInserter()) {
            DirCache tree = DirCache.newInCore();
            DirCacheBuilder builder = tree.builder();
            for (Map.Entry<String, byte[]> f : files.entrySet()) {
                DirCacheEntry entry = new DirCacheEntry(f.getKey());
                entry.setFileMode(FileMode.REGULAR_FILE);
                entry.setObjectId(inserter.insert(Constants.OBJ_BLOB, f.getValue()));
                builder.add(entry);
            }
            builder.finish();
            CommitBuilder commit = new CommitBuilder();
            commit.setTreeId(tree.writeTree(inserter));
            commit.setAuthor(us);
            commit.setCommitter(us);
            commit.setMessage(
                    version.settings().title() + (files.size() > 1 ? ": what there is to begin with\n" : "\n"));
            ObjectId made = inserter.insert(commit);
            inserter.flush();
            RefUpdate main = repository.updateRef(MAIN);
            main.setNewObjectId(made);
            main.update();
        }
    }
}
