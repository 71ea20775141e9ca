package hopsel.web.handout;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import hopsel.core.classes.CookingClass;
import hopsel.core.handout.Handout;
import hopsel.web.frame.Figures;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Sets a handout as a tagged PDF with its fonts embedded. */
@Component
class HandoutPdf {

    private static final List<Face> FACES = List.of(
            new Face("Atkinson", 400, "400Regular/AtkinsonHyperlegible_400Regular.ttf"),
            new Face("Atkinson", 700, "700Bold/AtkinsonHyperlegible_700Bold.ttf"),
            new Face("Bricolage", 800, "800ExtraBold/BricolageGrotesque_800ExtraBold.ttf"),
            // For scripts that the two above lack.
            new Face("Wide", 400, "DejaVuSans.ttf"),
            new Face("Wide", 700, "DejaVuSans-Bold.ttf"));

    private final SpringTemplateEngine templates;
    private final Figures figures;

    HandoutPdf(SpringTemplateEngine templates, Figures figures) {
        this.templates = templates;
        this.figures = figures;
    }

    byte[] render(CookingClass cooking, Handout handout, List<?> changes) {
        Context context = new Context(Locale.ENGLISH, Map.of("cooking", cooking, "handout", handout, "changes", changes, "figures", figures));
        String page = templates.process("handout/pdf", context);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        FACES.forEach(face -> builder.useFont(() -> face.open(), face.family, face.weight, FontStyle.NORMAL, true));
        // Nothing is ever fetched: the page brings its styles along, and user text holds no markup.
        builder.useUriResolver((base, uri) -> null);
        builder.usePdfUaAccessibility(true);
        builder.withHtmlContent(page, null);
        builder.toStream(out);
        try {
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private record Face(String family, int weight, String file) {

        InputStream open() {
            try {
                return new ClassPathResource("hopsel/fonts/" + file).getInputStream();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }
}
