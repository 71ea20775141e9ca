package hopsel.web.post;

import hopsel.web.house.HouseStore;

import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** The paper on which letters are sent, for those whose reader shows more than words. */
@Component
class LetterPaper {

    private final ITemplateEngine pages;
    private final HouseStore houses;

    LetterPaper(ITemplateEngine pages, HouseStore houses) {
        this.pages = pages;
        this.houses = houses;
    }

    /**
     * A paragraph.
     *
     * @param link whether it is an address, and nothing else
     */
    public record Paragraph(List<String> lines, boolean link) {}

    String html(String subject, String body) {
        Context context = new Context(Locale.ENGLISH);
        context.setVariable("subject", subject);
        context.setVariable("house", houses.now());
        context.setVariable(
                "paragraphs",
                Arrays.stream(body.strip().split("\n\n+"))
                        .map(LetterPaper::paragraph)
                        .toList());
        return pages.process("post/letter", context);
    }

    private static Paragraph paragraph(String text) {
        boolean link = text.strip().startsWith("http") && text.strip().chars().noneMatch(Character::isWhitespace);
        return new Paragraph(text.strip().lines().toList(), link);
    }
}
