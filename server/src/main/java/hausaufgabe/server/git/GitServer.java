package hausaufgabe.server.git;

import hausaufgabe.server.Problem;
import hausaufgabe.server.account.CourseRights;
import hausaufgabe.server.account.Person;
import hausaufgabe.server.account.Right;
import hausaufgabe.server.course.Courses;
import hausaufgabe.server.course.Staffing;
import hausaufgabe.server.course.Student;
import hausaufgabe.server.exercise.Exercises;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import java.util.stream.Stream;
import org.eclipse.jgit.errors.RepositoryNotFoundException;
import org.eclipse.jgit.http.server.GitServlet;
import org.eclipse.jgit.http.server.resolver.AsIsFileService;
import org.eclipse.jgit.lib.Repository;
import org.eclipse.jgit.transport.ReceivePack;
import org.eclipse.jgit.transport.UploadPack;
import org.eclipse.jgit.transport.resolver.ServiceNotEnabledException;
import org.springframework.boot.web.servlet.ServletRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.Authentication;

/** Serves the repositories over smart HTTP: a student one's own, to read and to push; the staff those of whom they see, to read. */
@Configuration
class GitServer {

    /** Bytes that a push may bring, and that one file may have. */
    private static final long LARGEST_PUSH = 20L << 20;

    private static final long LARGEST_FILE = 5L << 20;
    private static final int PATIENCE_SECONDS = 60;

    private final Repositories repositories;
    private final PushHook hook;
    private final Exercises exercises;
    private final Courses courses;
    private final Staffing staffing;
    private final CourseRights rights;
    private final Clock clock;

    GitServer(
            Repositories repositories,
            PushHook hook,
            Exercises exercises,
            Courses courses,
            Staffing staffing,
            CourseRights rights,
            Clock clock) {
        this.repositories = repositories;
        this.hook = hook;
        this.exercises = exercises;
        this.courses = courses;
        this.staffing = staffing;
        this.rights = rights;
        this.clock = clock;
    }

    /** Takes one push to a repository at a time, so that two at once become two attempts, one after the other. */
    private static final class OneAtATime extends GitServlet {
        private static final long serialVersionUID = 1L;
        private static final int LOCKS = 64;

        private final transient List<Lock> locks =
                Stream.generate(() -> (Lock) new ReentrantLock()).limit(LOCKS).toList();

        @Override
        protected void service(HttpServletRequest request, HttpServletResponse response)
                throws ServletException, IOException {
            String path = String.valueOf(request.getPathInfo());
            if (!path.endsWith("/git-receive-pack")) {
                super.service(request, response);
                return;
            }
            Lock lock = locks.get(Math.floorMod(path.hashCode(), LOCKS));
            lock.lock();
            try {
                super.service(request, response);
            } finally {
                lock.unlock();
            }
        }
    }

    @Bean
    ServletRegistrationBean<GitServlet> gitServlet() {
        GitServlet servlet = new OneAtATime();
        servlet.setRepositoryResolver((request, name) -> open(request, name));
        servlet.setAsIsFileService(AsIsFileService.DISABLED);
        servlet.setUploadPackFactory((request, repository) -> {
            UploadPack up = new UploadPack(repository);
            up.setTimeout(PATIENCE_SECONDS);
            return up;
        });
        servlet.setReceivePackFactory(this::receive);
        ServletRegistrationBean<GitServlet> bean = new ServletRegistrationBean<>(servlet, GitAddress.ROOT + "*");
        bean.setName("git");
        return bean;
    }

    private static Person person(HttpServletRequest request) {
        return (Person) ((Authentication) request.getUserPrincipal()).getPrincipal();
    }

    private Repository open(HttpServletRequest request, String name) throws RepositoryNotFoundException {
        GitAddress address = GitAddress.of(name).orElseThrow(() -> new RepositoryNotFoundException(name));
        try {
            if (!maySee(person(request), address)) {
                throw new RepositoryNotFoundException(name);
            }
            request.setAttribute(GitAddress.class.getName(), address);
            return repositories.open(address);
        } catch (Problem e) {
            throw new RepositoryNotFoundException(name, e);
        } catch (RepositoryNotFoundException e) {
            throw e;
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** One's own once the exercise is open; that of another where one may read the course and sees the student. */
    private boolean maySee(Person person, GitAddress address) {
        long course = exercises.line(address.exercise()).courseId();
        Exercises.Version version = exercises.opened(address.exercise());
        Student student = courses.student(course, address.student());
        if (person.role() == Person.Role.STUDENT) {
            return isOwn(person, course, student)
                    && version.settings()
                            .opening()
                            .map(o -> !Instant.now(clock).isBefore(o.toInstant()))
                            .orElse(true);
        }
        return rights.of(person, course).contains(Right.READ)
                && staffing.sight(person, course).sees(student);
    }

    private boolean isOwn(Person person, long course, Student student) {
        return courses.studiedBy(person).entrySet().stream()
                .anyMatch(e -> e.getKey().id() == course && e.getValue().id() == student.id());
    }

    private ReceivePack receive(HttpServletRequest request, Repository repository) throws ServiceNotEnabledException {
        Person person = person(request);
        if (person.role() != Person.Role.STUDENT) {
            throw new ServiceNotEnabledException(
                    "Only the student whose repository this is pushes to it. The staff hand in on the page of the exercise.");
        }
        GitAddress address = (GitAddress) request.getAttribute(GitAddress.class.getName());
        String url = request.getRequestURL().toString();
        String site = url.substring(0, url.indexOf(GitAddress.ROOT));
        ReceivePack pack = new ReceivePack(repository);
        pack.setTimeout(PATIENCE_SECONDS);
        pack.setMaxPackSizeLimit(LARGEST_PUSH);
        pack.setMaxObjectSizeLimit(LARGEST_FILE);
        pack.setCheckReceivedObjects(true);
        pack.setAllowDeletes(true);
        pack.setAllowNonFastForwards(true);
        hook.on(pack, address, person, site);
        return pack;
    }
}
