package hausaufgabe.server;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Keeps bodies of requests within bounds: how large one may be that is no upload, how long it may take to arrive, and how many
 * may be arriving from one address at once. A body that arrives slowly holds a thread, and there are only so many.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class BoundedBodies extends OncePerRequestFilter {

    static final int LARGEST = 256 << 10;
    private static final int AT_ONCE = 24;
    private static final Duration AT_MOST = Duration.ofSeconds(30);
    /** Bytes that even a slow line brings in a second. */
    private static final long SLOWEST = 16 << 10;

    private final Clock clock;
    private final Map<String, AtomicInteger> arriving = new ConcurrentHashMap<>();

    BoundedBodies(Clock clock) {
        this.clock = clock;
    }

    /** A body is larger than it may be, or did not come in time. */
    static final class TooLarge extends IOException {
        private static final long serialVersionUID = 1L;

        TooLarge(String message) {
            super(message);
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean brings = request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
        if (!brings) {
            chain.doFilter(request, response);
            return;
        }
        String type = String.valueOf(request.getContentType());
        boolean upload = type.startsWith("multipart/") || type.startsWith("application/x-git-");
        if (!upload && request.getContentLengthLong() > LARGEST) {
            ProblemPages.write(response, 413, tooLarge());
            return;
        }
        String address = request.getRemoteAddr();
        AtomicInteger mine = arriving.computeIfAbsent(address, a -> new AtomicInteger());
        try {
            if (mine.incrementAndGet() > AT_ONCE) {
                ProblemPages.write(response, 429, "Too much arrives from your address at once. Try again in a moment.");
                return;
            }
            chain.doFilter(new Bounded(request, upload ? Long.MAX_VALUE : LARGEST), response);
        } finally {
            if (mine.decrementAndGet() == 0) {
                arriving.remove(address, mine);
            }
        }
    }

    private static String tooLarge() {
        return "The request is larger than " + (LARGEST >> 10) + " KB. Shorten the text; nothing was stored.";
    }

    private final class Bounded extends HttpServletRequestWrapper {

        private final long most;

        Bounded(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new Counted(super.getInputStream(), most);
        }
    }

    private final class Counted extends ServletInputStream {

        private final ServletInputStream in;
        private final long most;
        private final Instant begun = Instant.now(clock);
        private long read;

        Counted(ServletInputStream in, long most) {
            this.in = in;
            this.most = most;
        }

        private int counted(int n) throws IOException {
            read += Math.max(0, n);
            if (read > most) {
                throw new TooLarge(tooLarge());
            }
            Duration patience = AT_MOST.plusSeconds(read / SLOWEST);
            if (Duration.between(begun, Instant.now(clock)).compareTo(patience) > 0) {
                throw new TooLarge("The request arrived too slowly. Nothing was stored; try again.");
            }
            return n;
        }

        @Override
        public int read() throws IOException {
            int b = in.read();
            counted(b < 0 ? 0 : 1);
            return b;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            return counted(in.read(bytes, from, length));
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
