package hopsel.formats.recipefile;

import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.jsoup.select.NodeVisitor;

import java.util.regex.Pattern;

/** The text of a page, a line for each block, without what surrounds it. Text that is no page stays as it is. */
final class PageText {

    private static final Pattern MARKUP = Pattern.compile(
            "(?is)<\\s*(?:!doctype|html|body|div|p|ul|ol|li|h[1-6]|span|table|article|section|br)\\b[^>]*>");
    private static final String AROUND =
            "script, style, noscript, nav, header nav, footer, aside, form, button, iframe, svg, template, "
                    + ".comments, #comments";

    private PageText() {}

    static boolean isPage(String document) {
        return MARKUP.matcher(document).find();
    }

    static String of(String document) {
        if (!isPage(document)) {
            return document;
        }
        Document page = Jsoup.parse(document);
        page.select(AROUND).remove();
        Element body = page.select("[itemtype~=Recipe]").stream().findFirst().orElseGet(() -> {
            if (page.selectFirst("article") != null) {
                return page.selectFirst("article");
            }
            if (page.selectFirst("main") != null) {
                return page.selectFirst("main");
            }
            return page.body();
        });
        StringBuilder text = new StringBuilder();
        if (body.select("h1").isEmpty() && page.selectFirst("h1") != null) {
            text.append(page.selectFirst("h1").text()).append('\n');
        }
        body.traverse(new Lines(text));
        return text.toString();
    }

    private record Lines(StringBuilder text) implements NodeVisitor {

        @Override
        public void head(Node node, int depth) {
            if (node instanceof TextNode words) {
                text.append(words.text());
            } else if (node instanceof Element element
                    && (element.isBlock() || element.nameIs("br") || element.nameIs("li"))) {
                text.append('\n');
            }
        }

        @Override
        public void tail(Node node, int depth) {
            if (node instanceof Element element && (element.isBlock() || element.nameIs("li"))) {
                text.append('\n');
            }
        }
    }
}
