package hausaufgabe.server.handout;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.thymeleaf.TemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/** Sets a student's paper: as a page that stands by itself, and as a PDF with its own letters. Neither fetches anything. */
@Component
class Paper {

    private static final String FONTS = "net/sf/jasperreports/fonts/dejavu/";

    private final TemplateEngine templates = new TemplateEngine();

    Paper() {
        XRLog.setLoggingEnabled(false);
        ClassLoaderTemplateResolver resolver = new ClassLoaderTemplateResolver();
        resolver.setPrefix("handout/");
        resolver.setTemplateMode(TemplateMode.XML);
        resolver.setCharacterEncoding("UTF-8");
        templates.setTemplateResolver(resolver);
    }

    String page(Handout handout) {
        return templates.process("handout.xhtml", new Context(java.util.Locale.ENGLISH, Map.of("h", handout)));
    }

    byte[] pdf(String page) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            builder.useFastMode();
            // an address in what somebody wrote is not asked for
            builder.useUriResolver((base, address) -> null);
            font(builder, "DejaVuSerif.ttf", "Handout Serif", 400, FontStyle.NORMAL);
            font(builder, "DejaVuSerif-Bold.ttf", "Handout Serif", 700, FontStyle.NORMAL);
            font(builder, "DejaVuSerif-Italic.ttf", "Handout Serif", 400, FontStyle.ITALIC);
            font(builder, "DejaVuSans.ttf", "Handout Sans", 400, FontStyle.NORMAL);
            font(builder, "DejaVuSans-Bold.ttf", "Handout Sans", 700, FontStyle.NORMAL);
            font(builder, "DejaVuSansMono.ttf", "Handout Mono", 400, FontStyle.NORMAL);
            builder.withHtmlContent(page, null);
            builder.toStream(out);
            builder.run();
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight, FontStyle style) {
        builder.useFont(() -> open(file), family, weight, style, true);
    }

    private static InputStream open(String file) {
        InputStream in = Paper.class.getClassLoader().getResourceAsStream(FONTS + file);
        if (in == null) {
            throw new IllegalStateException("the letters " + file + " are missing");
        }
        return in;
    }
}
