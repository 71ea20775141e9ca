package hopsel.web.handout;

import hopsel.web.frame.Figures;
import hopsel.web.frame.LabelSheet;
import hopsel.web.frame.Print;
import hopsel.web.handout.HandoutDesk.Written;
import hopsel.web.house.HouseStore;
import hopsel.web.kit.PackingState;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.springframework.stereotype.Component;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** Sets handouts as PDFs: tagged, with bookmarks and their fonts, on the paper that is asked for. */
@Component
public class HandoutPdf {

    private final Print print;
    private final Figures figures;
    private final HandoutWords say;
    private final CutPictures cuts;
    private final Pictures pictures;
    private final PackingState state;
    private final HouseStore houses;

    HandoutPdf(
            Print print,
            Figures figures,
            HandoutWords say,
            CutPictures cuts,
            Pictures pictures,
            PackingState state,
            HouseStore houses) {
        this.print = print;
        this.figures = figures;
        this.say = say;
        this.cuts = cuts;
        this.pictures = pictures;
        this.state = state;
        this.houses = houses;
    }

    /** Papers, as a style says them, and how large the type is. */
    public enum Paper {
        A4("210mm 297mm", "10.5pt", 520),
        A5("148mm 210mm", "9pt", 430),
        LETTER("8.5in 11in", "10.5pt", 520);

        private final String size;
        private final String type;
        /** Width of the small picture of time, CSS pixels. */
        private final int strands;

        Paper(String size, String type, int strands) {
            this.size = size;
            this.type = type;
            this.strands = strands;
        }

        public String size() {
            return size;
        }

        public String type() {
            return type;
        }
    }

    /**
     * The pages of a handout.
     *
     * @param booklet whether it begins with a page of contents and belongs to nobody
     * @param link that a code on the first page opens; empty: none
     */
    public byte[] render(long id, Written written, Paper paper, boolean booklet, Optional<String> link) {
        Map<String, Object> values = new HashMap<>();
        values.put("cooking", written.cooking());
        values.put("catalogue", written.catalogue());
        values.put("handout", written.handout());
        values.put("words", written.matters().words());
        values.put("changes", written.changes());
        values.put("paper", paper);
        values.put("strandWidth", paper.strands);
        values.put("booklet", booklet);
        values.put("code", link.map(LabelSheet::code).orElse(""));
        values.put("figures", figures);
        values.put("say", say);
        values.put("cuts", cuts);
        values.put("state", state);
        values.put("pictures", embedded(id, written));
        values.put("house", houses.now());
        values.put("logo", houses.logo().map(png -> embedded("image/png", png)).orElse(""));
        return print.pdf("handout/pdf", values);
    }

    private Map<String, String> embedded(long id, Written written) {
        Map<String, String> all = new HashMap<>();
        written.handout().dishes().forEach(dish -> dish.words()
                .picture()
                .flatMap(number -> pictures.find(id, number))
                .ifPresent(picture -> all.put(dish.id(), embedded("image/jpeg", picture.jpeg()))));
        return all;
    }

    private static String embedded(String type, byte... picture) {
        return "data:%s;base64,%s".formatted(type, Base64.getEncoder().encodeToString(picture));
    }

    /** The page on which each bookmark of a document is, by its title: what the host can call out. */
    static Map<String, Integer> pages(byte[] pdf) {
        Map<String, Integer> pages = new LinkedHashMap<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (PDOutlineItem item :
                    document.getDocumentCatalog().getDocumentOutline().children()) {
                PDPage page = item.findDestinationPage(document);
                if (page != null) {
                    pages.put(item.getTitle(), document.getPages().indexOf(page) + 1);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return pages;
    }
}
