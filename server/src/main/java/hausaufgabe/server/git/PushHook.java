package hausaufgabe.server.git;

import hausaufgabe.server.Problem;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.exercise.Exercises;
import hausaufgabe.server.submission.Commit;
import hausaufgabe.server.submission.HandedIn;
import hausaufgabe.server.submission.Submissions;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.eclipse.jgit.lib.ObjectId;
import org.eclipse.jgit.lib.Repository;
import org.eclipse.jgit.revwalk.RevCommit;
import org.eclipse.jgit.revwalk.RevWalk;
import org.eclipse.jgit.transport.PostReceiveHook;
import org.eclipse.jgit.transport.PreReceiveHook;
import org.eclipse.jgit.transport.ReceiveCommand;
import org.eclipse.jgit.transport.ReceivePack;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Makes a push to the main branch an attempt, before the branch moves: a stop in between leaves an attempt that the same push finds
 * again, and never a branch without its attempt. The push's own output tells what was found, if that does not take long.
 */
@Component
class PushHook {

    private static final Logger LOG = LoggerFactory.getLogger(PushHook.class);
    private static final Duration PATIENCE = Duration.ofSeconds(8);
    private static final long LOOK_AGAIN_MILLIS = 100;
    /** How many commits of one push are looked at. */
    private static final int MOST_STEPS = 100;

    private final Submissions submissions;
    private final Exercises exercises;
    private final Clock clock;

    PushHook(Submissions submissions, Exercises exercises, Clock clock) {
        this.clock = clock;
        this.submissions = submissions;
        this.exercises = exercises;
    }

    /** Listens to what one request pushes. */
    void on(ReceivePack pack, GitAddress address, Person person, String site) {
        OnePush push = new OnePush(address, person, site);
        pack.setPreReceiveHook(push);
        pack.setPostReceiveHook(push);
    }

    private final class OnePush implements PreReceiveHook, PostReceiveHook {

        private final GitAddress address;
        private final Person person;
        private final String site;
        private @Nullable HandedIn taken;

        OnePush(GitAddress address, Person person, String site) {
            this.address = address;
            this.person = person;
            this.site = site;
        }

        @Override
        public void onPreReceive(ReceivePack pack, Collection<ReceiveCommand> commands) {
            for (ReceiveCommand c : commands) {
                if (c.getResult() != ReceiveCommand.Result.NOT_ATTEMPTED) {
                    continue;
                }
                try {
                    String refusal = refusal(pack.getRepository(), c);
                    if (refusal == null) {
                        take(pack, c);
                    } else {
                        refuse(c, refusal);
                    }
                } catch (Problem | CommitFiles.TooMuch e) {
                    refuse(c, e.getMessage());
                } catch (IOException | RuntimeException e) {
                    LOG.error(
                            "the push of student {} for exercise {} failed", address.student(), address.exercise(), e);
                    refuse(
                            c,
                            "something of ours failed, and nothing was stored; push again, and tell the staff if that does not help");
                }
            }
        }

        private void refuse(ReceiveCommand c, String why) {
            c.setResult(ReceiveCommand.Result.REJECTED_OTHER_REASON, why.replace('\n', ' '));
        }

        private @Nullable String refusal(Repository repository, ReceiveCommand c) throws IOException {
            if (c.getType() == ReceiveCommand.Type.DELETE) {
                return c.getRefName().equals(Repositories.MAIN)
                        ? "what was handed in stays, so main cannot be deleted"
                        : "there is no such branch here";
            }
            if (!c.getRefName().equals(Repositories.MAIN)) {
                return "only the branch main is handed in: git push origin HEAD:main";
            }
            try (RevWalk walk = new RevWalk(repository)) {
                RevCommit after = walk.parseCommit(c.getNewId());
                boolean grows = c.getOldId().equals(ObjectId.zeroId())
                        || walk.isMergedInto(walk.parseCommit(c.getOldId()), after);
                return grows
                        ? null
                        : "what was handed in stays, so main cannot be rewritten: git pull --rebase, then push without force";
            }
        }

        private void take(ReceivePack pack, ReceiveCommand c) throws IOException, CommitFiles.TooMuch {
            Repository repository = pack.getRepository();
            try (RevWalk walk = new RevWalk(repository)) {
                RevCommit head = walk.parseCommit(c.getNewId());
                Map<String, byte[]> files = CommitFiles.of(repository, head);
                if (submissions.isLast(address.exercise(), address.student(), files)) {
                    pack.sendMessage("No new attempt: the sources are just those of the last one.");
                    return;
                }
                Exercises.Version version = exercises.opened(address.exercise());
                // before anything of it is kept
                submissions.admit(version, address.student(), Instant.now(clock));
                List<Submissions.Passed> on = new ArrayList<>();
                if (version.settings().attempts().steps()) {
                    for (RevCommit step : between(walk, head, c.getOldId())) {
                        on.add(passed(repository, step));
                    }
                }
                taken = submissions.push(
                        address.exercise(),
                        address.student(),
                        new Submissions.Pushed(commit(head), files, on),
                        person.id());
            }
        }

        /** The commits since the last push along the first parents, the oldest first, and of many the latest. */
        private List<RevCommit> between(RevWalk walk, RevCommit head, ObjectId old) throws IOException {
            List<RevCommit> found = new ArrayList<>();
            for (RevCommit at = head;
                    !at.equals(old) && found.size() < MOST_STEPS;
                    at = walk.parseCommit(at.getParent(0))) {
                found.add(at);
                if (at.getParentCount() == 0) {
                    break;
                }
            }
            Collections.reverse(found);
            return found;
        }

        private Submissions.Passed passed(Repository repository, RevCommit step) throws IOException {
            try {
                return submissions.passed(address.exercise(), commit(step), CommitFiles.of(repository, step));
            } catch (CommitFiles.TooMuch e) {
                return new Submissions.Passed(commit(step), null, e.getMessage());
            }
        }

        private Commit commit(RevCommit c) {
            return new Commit(
                    c.name(), c.getFullMessage(), c.getCommitterIdent().getWhenAsInstant());
        }

        @Override
        public void onPostReceive(ReceivePack pack, Collection<ReceiveCommand> commands) {
            HandedIn s = taken;
            if (s == null || commands.isEmpty()) {
                return;
            }
            Exercises.Version version = exercises.opened(address.exercise());
            pack.sendMessage("Handed in as attempt " + s.attempt() + " of "
                    + version.settings().title() + ".");
            try {
                HandedIn checked = checked(s);
                PushWords.of(checked, version.settings().shows()).forEach(pack::sendMessage);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            pack.sendMessage("All of it: " + site + "/submissions/" + s.id());
        }

        private HandedIn checked(HandedIn s) throws InterruptedException {
            submissions.lookAt(s.id());
            long end = System.nanoTime() + PATIENCE.toNanos();
            HandedIn now = s;
            while (PushWords.isBeingChecked(now) && System.nanoTime() < end) {
                Thread.sleep(LOOK_AGAIN_MILLIS);
                now = submissions.get(s.id());
            }
            return now;
        }
    }
}
