package hopsel.web.handout;

import hopsel.core.classes.CookingClass;
import hopsel.core.handout.Handout;
import hopsel.web.frame.Figures;
import hopsel.web.frame.Print;
import org.springframework.stereotype.Component;

import java.util.List;
import java.util.Map;

/** Sets a handout as a PDF. */
@Component
public class HandoutPdf {

    private final Print print;
    private final Figures figures;

    HandoutPdf(Print print, Figures figures) {
        this.print = print;
        this.figures = figures;
    }

    /** The pages of one handout. */
    public byte[] render(CookingClass cooking, Handout handout, List<?> changes) {
        return print.pdf("handout/pdf", Map.of("cooking", cooking, "handout", handout, "changes", changes, "figures", figures));
    }
}
