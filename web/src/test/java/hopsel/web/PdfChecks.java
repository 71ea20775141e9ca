package hopsel.web;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.verapdf.core.VeraPDFException;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;

/** Whether a PDF holds to PDF/UA-1, by an independent validator. */
final class PdfChecks {

    private PdfChecks() {}

    /** All that can be read in it. */
    static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    /** What it breaks, each rule once. */
    static List<String> universalAccess(byte[] pdf) throws IOException {
        VeraGreenfieldFoundryProvider.initialise();
        try (PDFAParser parser =
                        Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), PDFAFlavour.PDFUA_1);
                PDFAValidator validator = Foundries.defaultInstance().createValidator(PDFAFlavour.PDFUA_1, false)) {
            return validator.validate(parser).getTestAssertions().stream()
                    .filter(assertion -> assertion.getStatus() == TestAssertion.Status.FAILED)
                    .map(assertion -> assertion.getRuleId().getClause() + " " + assertion.getMessage())
                    .distinct()
                    .toList();
        } catch (VeraPDFException e) {
            throw new IOException(e);
        }
    }
}
