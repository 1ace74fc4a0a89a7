package hausaufgabe.server.submission;

import hausaufgabe.checking.archive.Archive;
import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.archive.ArchiveLimits;
import hausaufgabe.checking.archive.PackedFiles;
import hausaufgabe.checking.archive.Received;
import hausaufgabe.checking.archive.SourceFiles;
import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Accounts;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Exercises;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Handing in by the hundred: what was uploaded is matched to students, settled by a person where in doubt, and then counts. */
@Service
class Piles {

    private static final int MOST_PIECES = 2_000;
    private static final int LONGEST = 400;

    interface Repository extends JpaRepository<Pile, Long> {
        List<Pile> findByExerciseIdOrderById(Long exercise);
    }

    interface PieceRepository extends JpaRepository<PilePiece, Long> {
        List<PilePiece> findByPileIdOrderByPlace(Long pile);

        void deleteByPileId(Long pile);
    }

    interface ContentRepository extends JpaRepository<Content, String> {
        /** What neither a submission nor a pile holds any more. */
        @Modifying
        @Query("delete from Content c where c.hash in ?1"
                + " and not exists (select 1 from Submission s where s.sourceHash = c.hash)"
                + " and not exists (select 1 from PilePiece p where p.sourceHash = c.hash)"
                + " and not exists (select 1 from Step t where t.sourceHash = c.hash)")
        void forget(List<String> hashes);
    }

    private final Repository piles;
    private final PieceRepository pieces;
    private final ContentRepository contents;
    private final SourceStore sources;
    private final Submissions submissions;
    private final Exercises exercises;
    private final Courses courses;
    private final Accounts accounts;
    private final TransactionTemplate transaction;
    private final Clock clock;

    Piles(
            Repository piles,
            PieceRepository pieces,
            ContentRepository contents,
            SourceStore sources,
            Submissions submissions,
            Exercises exercises,
            Courses courses,
            Accounts accounts,
            TransactionTemplate transaction,
            Clock clock) {
        this.piles = piles;
        this.pieces = pieces;
        this.contents = contents;
        this.sources = sources;
        this.submissions = submissions;
        this.exercises = exercises;
        this.courses = courses;
        this.accounts = accounts;
        this.transaction = transaction;
        this.clock = clock;
    }

    /**
     * What a pile holds of one student.
     *
     * @param student whose it is; null as long as nobody knows
     * @param reason why this student, or why none
     * @param doubtful whether a person is to look at whose it is
     * @param files how many sources it has
     * @param problem why it cannot be used; null where it can
     */
    record PileLine(
            long id,
            String name,
            @Nullable Student student,
            String reason,
            boolean doubtful,
            boolean leftOut,
            int files,
            @Nullable String problem) {}

    /**
     * A pile that was uploaded and does not count yet.
     *
     * @param ready how many pieces would be handed in
     * @param doubtful how many a person has to look at before
     */
    record PileView(
            long id,
            String name,
            String uploadedBy,
            Instant uploadedAt,
            int ready,
            int doubtful,
            List<PileLine> pieces) {}

    /** @throws Problem where nothing in it can be used; nothing is stored then */
    PileView upload(long exercise, Map<String, byte[]> files, Person by) {
        Exercises.Version version = exercises.opened(exercise);
        List<Student> students =
                courses.students(exercises.courseOf(version.exerciseId()).orElseThrow());
        Map<String, Map<String, byte[]>> parts;
        try {
            parts = PileParts.of(files);
        } catch (ArchiveException e) {
            throw Problem.badRequest(e.getMessage() + " Nothing was stored.");
        }
        if (parts.isEmpty()) {
            throw Problem.badRequest("Nothing was chosen. Choose one archive, or the folder with everybody's.");
        }
        if (parts.size() > MOST_PIECES) {
            throw Problem.badRequest("There are " + parts.size() + " pieces in it; " + MOST_PIECES
                    + " is most for one pile. Nothing was stored.");
        }
        Owners owners = new Owners(students);
        SourceFiles taken = SourceFiles.of(version.settings().languages());
        List<PilePiece> all = new ArrayList<>();
        for (Map.Entry<String, Map<String, byte[]>> part : parts.entrySet()) {
            all.add(piece(all.size(), part.getKey(), part.getValue(), owners, taken));
        }
        if (all.stream().noneMatch(p -> p.problem == null)) {
            throw Problem.badRequest("Nothing in it can be used. The first, " + all.get(0).name + ": "
                    + all.get(0).problem + " Nothing was stored.");
        }
        findDoubles(all);
        String name = files.size() == 1 ? files.keySet().iterator().next() : parts.size() + " folders";
        Long id = transaction.execute(status -> {
            Pile pile = piles.save(new Pile(exercise, cut(name), by.id(), Instant.now(clock)));
            all.forEach(p -> {
                p.pileId = pile.id;
                pieces.save(p);
            });
            return pile.id;
        });
        return view(exercise, id);
    }

    private PilePiece piece(int place, String name, Map<String, byte[]> files, Owners owners, SourceFiles taken) {
        PilePiece p = new PilePiece(null, place, cut(name));
        Owners.Owner owner = owners.of(name);
        p.studentId = owner.student() == null ? null : owner.student().id();
        p.reason = owner.reason();
        p.doubtful = !owner.sure();
        try {
            Received received = received(files, taken);
            p.files = received.upload().sources().size();
            p.sourceHash = sources.keep(received.upload());
        } catch (ArchiveException e) {
            String said = e.getMessage();
            p.problem = said.length() <= 2_000 ? said : said.substring(0, 2_000);
        }
        return p;
    }

    /** A folder that holds just one archive and no source was handed in as that archive. */
    private static Received received(Map<String, byte[]> files, SourceFiles taken) throws ArchiveException {
        Archive archive = new Archive(taken, ArchiveLimits.USUAL);
        List<String> archives =
                files.keySet().stream().filter(PackedFiles::isNamedSo).toList();
        boolean loose = files.keySet().stream().anyMatch(taken);
        return archives.size() == 1 && !loose
                ? archive.packed(archives.get(0), files.get(archives.get(0)))
                : archive.files(files);
    }

    private static void findDoubles(List<PilePiece> all) {
        Map<Long, PilePiece> byStudent = new HashMap<>();
        for (PilePiece p : all) {
            PilePiece other = p.studentId == null || p.problem != null ? null : byStudent.putIfAbsent(p.studentId, p);
            if (other != null) {
                p.doubtful = true;
                p.reason = cut(p.reason + " So has " + other.name + ".");
                other.doubtful = true;
            }
        }
    }

    private static String cut(String text) {
        return text.length() <= LONGEST ? text : text.substring(0, LONGEST - 1) + "…";
    }

    @Transactional(readOnly = true)
    public List<PileView> all(long exercise) {
        return piles.findByExerciseIdOrderById(exercise).stream()
                .map(p -> view(exercise, p.id))
                .toList();
    }

    private Pile pile(long exercise, long id) {
        return piles.findById(id)
                .filter(p -> p.exerciseId == exercise)
                .orElseThrow(
                        () -> Problem.notFound("This pile is not there any more: it was handed in or thrown away."));
    }

    PileView view(long exercise, long id) {
        Pile pile = pile(exercise, id);
        Map<Long, Student> students = new HashMap<>();
        courses.students(exercises.courseOf(exercise).orElseThrow()).forEach(s -> students.put(s.id(), s));
        List<PilePiece> all = pieces.findByPileIdOrderByPlace(id);
        return new PileView(
                id,
                pile.name,
                accounts.names().getOrDefault(pile.uploadedBy, ""),
                pile.uploadedAt,
                (int) all.stream()
                        .filter(p -> p.isTaken() && !p.doubtful && p.studentId != null)
                        .count(),
                (int) all.stream().filter(p -> p.isTaken() && p.doubtful).count(),
                all.stream()
                        .map(p -> new PileLine(
                                p.id,
                                p.name,
                                p.studentId == null ? null : students.get(p.studentId),
                                p.reason,
                                p.doubtful,
                                p.leftOut,
                                p.files,
                                p.problem))
                        .toList());
    }

    /**
     * Settles whose a piece is.
     *
     * @param student null where it is left out
     */
    PileView settle(long exercise, long id, long piece, @Nullable Long student) {
        Pile pile = pile(exercise, id);
        transaction.executeWithoutResult(status -> {
            PilePiece p = pieces.findById(piece)
                    .filter(x -> x.pileId.equals(pile.id))
                    .orElseThrow(() -> Problem.notFound("There is no such piece in this pile."));
            if (student != null) {
                courses.student(exercises.courseOf(exercise).orElseThrow(), student);
                p.studentId = student;
                p.reason = "A person said so.";
            }
            p.leftOut = student == null;
            p.doubtful = false;
            pieces.save(p);
        });
        return view(exercise, id);
    }

    /** What became of a confirmed pile. */
    record PileTaken(int handedIn, int again, int leftOut) {}

    /**
     * Hands in everything that is settled: all of it, or nothing.
     *
     * @param at when it was handed in; null for when it was uploaded
     * @throws Problem where something is still in doubt
     */
    PileTaken confirm(long exercise, long id, @Nullable Instant at, Person by) {
        Pile pile = pile(exercise, id);
        List<PilePiece> all = pieces.findByPileIdOrderByPlace(id);
        List<PilePiece> taken = all.stream().filter(PilePiece::isTaken).toList();
        long open =
                taken.stream().filter(p -> p.doubtful || p.studentId == null).count();
        if (open > 0) {
            throw Problem.conflict((open == 1 ? "For one piece" : "For " + open + " pieces")
                    + " it is not settled whose it is. Choose somebody, or leave it out. Nothing was handed in.");
        }
        if (taken.isEmpty()) {
            throw Problem.conflict("Everything in this pile is left out. Nothing was handed in.");
        }
        Instant now = Instant.now(clock);
        if (at != null && at.isAfter(now)) {
            throw Problem.badRequest("The time of handing in lies in the future. Nothing was handed in.");
        }
        List<Long> made = submissions.handIn(
                exercise,
                taken.stream()
                        .map(p -> new Submissions.Kept(p.studentId, p.sourceHash))
                        .toList(),
                by.id(),
                at == null ? pile.uploadedAt : at,
                () -> throwAway(pile, all));
        long again = made.stream().filter(Objects::isNull).count();
        return new PileTaken(made.size() - (int) again, (int) again, all.size() - taken.size());
    }

    @Transactional
    public void discard(long exercise, long id) {
        throwAway(pile(exercise, id), pieces.findByPileIdOrderByPlace(id));
    }

    private void throwAway(Pile pile, List<PilePiece> all) {
        pieces.deleteByPileId(pile.id);
        pieces.flush();
        piles.deleteById(pile.id);
        piles.flush();
        contents.forget(
                all.stream().map(p -> p.sourceHash).filter(Objects::nonNull).toList());
    }
}
