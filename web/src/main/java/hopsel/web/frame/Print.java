package hopsel.web.frame;

import com.openhtmltopdf.bidi.support.ICUBidiReorderer;
import com.openhtmltopdf.bidi.support.ICUBidiSplitter;
import com.openhtmltopdf.extend.FSCacheEx;
import com.openhtmltopdf.extend.FSCacheValue;
import com.openhtmltopdf.extend.impl.FSDefaultCacheStore;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.TextDirection;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import org.apache.pdfbox.filter.Filter;
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
import java.util.regex.Pattern;

/** Sets pages as tagged PDFs with their fonts embedded. */
@Component
public class Print {

    private static final List<Face> FACES = List.of(
            new Face("Atkinson", 400, "400Regular/AtkinsonHyperlegible_400Regular.ttf"),
            new Face("Atkinson", 700, "700Bold/AtkinsonHyperlegible_700Bold.ttf"),
            new Face("Bricolage", 800, "800ExtraBold/BricolageGrotesque_800ExtraBold.ttf"),
            // For scripts that the two above lack; each is opened only where somebody writes in them.
            new Face("Wide", 400, "DejaVuSans.ttf"),
            new Face("Wide", 700, "DejaVuSans-Bold.ttf"),
            new Face("Han", 400, "400Regular/NotoSansSC_400Regular.ttf"));

    /**
     * What XML knows no way to write, such as the vertical tab of a word processor; one of them would break the whole
     * document.
     */
    private static final Pattern UNPRINTABLE = Pattern.compile("[\\x00-\\x08\\x0B\\x0C\\x0E-\\x1F\\uFFFE\\uFFFF]");

    private final SpringTemplateEngine templates;
    /** How wide letters are; without it every document measures every font anew. */
    private final FSCacheEx<String, FSCacheValue> metrics = new FSDefaultCacheStore();

    Print(SpringTemplateEngine templates) {
        // Some kilobytes more are cheaper than a second more of a host who waits for two hundred of them.
        System.setProperty(Filter.SYSPROP_DEFLATELEVEL, "1");
        this.templates = templates;
    }

    /** A template, filled in and set. */
    public byte[] pdf(String template, Map<String, Object> values) {
        String page = UNPRINTABLE
                .matcher(templates.process(template, new Context(Locale.ENGLISH, values)))
                .replaceAll(" ");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        FACES.forEach(face -> builder.useFont(() -> face.open(), face.family, face.weight, FontStyle.NORMAL, true));
        builder.useCacheStore(PdfRendererBuilder.CacheStore.PDF_FONT_METRICS, metrics);
        // Nothing is ever fetched: the page brings its styles along, and user text holds no markup.
        builder.useUriResolver((base, uri) -> null);
        builder.useUnicodeBidiSplitter(new ICUBidiSplitter.ICUBidiSplitterFactory());
        builder.useUnicodeBidiReorderer(new ICUBidiReorderer());
        builder.defaultTextDirection(TextDirection.LTR);
        builder.useSVGDrawer(new BatikSVGDrawer());
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
