package hopsel.web.handout;

import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Block;
import org.commonmark.node.BlockQuote;
import org.commonmark.node.HtmlBlock;
import org.commonmark.node.HtmlInline;
import org.commonmark.node.Image;
import org.commonmark.node.Link;
import org.commonmark.node.ListBlock;
import org.commonmark.node.Node;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.springframework.stereotype.Component;

import java.util.Set;

/**
 * What the host writes, as HTML: paragraphs, lists, quotes, emphasis and links. Markup is shown as it was typed,
 * pictures become their words, and a link goes nowhere but to the web or to a mail box. Templates call it
 * {@code @hostText}.
 */
@Component
public class HostText {

    private static final Set<Class<? extends Block>> BLOCKS = Set.of(ListBlock.class, BlockQuote.class);

    private final Parser parser = Parser.builder().enabledBlockTypes(BLOCKS).build();
    private final HtmlRenderer renderer =
            HtmlRenderer.builder().escapeHtml(true).sanitizeUrls(true).build();

    /** As HTML that may stand in a page or a PDF. */
    public String html(String markdown) {
        Node document = parser.parse(markdown);
        document.accept(new Harmless());
        return renderer.render(document);
    }

    private static final class Harmless extends AbstractVisitor {

        @Override
        public void visit(Image image) {
            while (image.getFirstChild() != null) {
                image.insertBefore(image.getFirstChild());
            }
            image.unlink();
        }

        @Override
        public void visit(Link link) {
            visitChildren(link);
            if (!link.getDestination().matches("(?i)(?:https?|mailto):.*")) {
                while (link.getFirstChild() != null) {
                    link.insertBefore(link.getFirstChild());
                }
                link.unlink();
            }
        }

        @Override
        public void visit(HtmlInline html) {
            html.insertBefore(new Text(html.getLiteral()));
            html.unlink();
        }

        @Override
        public void visit(HtmlBlock html) {
            html.insertBefore(new Text(html.getLiteral()));
            html.unlink();
        }
    }
}
