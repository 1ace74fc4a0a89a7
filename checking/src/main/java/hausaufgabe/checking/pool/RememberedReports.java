package hausaufgabe.checking.pool;

import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.Json;
import hausaufgabe.checking.ProgramOutline;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/**
 * Answers a check that was made before, of the same sources by the same exercise, from its report, unless it is asked for anew.
 * A report with something that could not be run, or that took so long that it may have been stopped for it, is not kept: it
 * may have been for want of something on this machine, or by chance.
 */
public final class RememberedReports implements CheckDispatcher {

    /** Milliseconds after which a run may have been stopped for taking too long. */
    private static final long LONG = 2_500;

    private final CheckDispatcher checks;
    private final Map<String, byte[]> reports;

    /** @param most how many reports are kept, those used last */
    public RememberedReports(CheckDispatcher checks, int most) {
        this.checks = checks;
        this.reports = new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1L;

            @Override
            protected boolean removeEldestEntry(Map.Entry<String, byte[]> eldest) {
                return size() > most;
            }
        };
    }

    @Override
    public CompletableFuture<CheckReport> submit(CheckRequest request, Consumer<String> progress) {
        String key = key(request);
        byte[] known;
        synchronized (reports) {
            known = reports.get(key);
        }
        if (known != null && !request.anew()) {
            progress.accept("Checked before");
            return CompletableFuture.completedFuture(unpacked(known));
        }
        return checks.submit(request, progress).thenApply(report -> {
            boolean settled = report.scenarios().stream()
                    .noneMatch(s -> s.outcome() == Outcome.BLOCKED || s.milliseconds() >= LONG);
            if (settled) {
                byte[] packed = packed(report);
                synchronized (reports) {
                    reports.put(key, packed);
                }
            }
            return report;
        });
    }

    @Override
    public CompletableFuture<ProgramOutline> outline(List<SourceFile> sources) {
        return checks.outline(sources);
    }

    @Override
    public int capacity() {
        return checks.capacity();
    }

    private static String key(CheckRequest request) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            return HexFormat.of().formatHex(digest.digest(Json.mapper().writeValueAsBytes(request.again(false))));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static byte[] packed(CheckReport report) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream out = new GZIPOutputStream(bytes)) {
            Json.mapper().writeValue(out, report);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static CheckReport unpacked(byte[] packed) {
        try (GZIPInputStream in = new GZIPInputStream(new ByteArrayInputStream(packed))) {
            return Json.mapper().readValue(in, CheckReport.class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void close() {
        checks.close();
    }
}
