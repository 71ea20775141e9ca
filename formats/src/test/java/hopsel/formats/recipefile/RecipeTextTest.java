package hopsel.formats.recipefile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.formats.recipefile.RecipeText.NoTextException;
import hopsel.formats.recipefile.RecipeText.Refusal;

import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.HexFormat;

/** What somebody hands in becomes text, or is refused for a reason that says what to do. */
class RecipeTextTest {

    private static byte[] pdf(String... lines) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDPage page = new PDPage();
            document.addPage(page);
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                content.beginText();
                content.setFont(new PDType1Font(FontName.HELVETICA), 12);
                content.setLeading(16);
                content.newLineAtOffset(50, 700);
                for (String line : lines) {
                    content.showText(line);
                    content.newLine();
                }
                content.endText();
            }
            document.save(out);
            return out.toByteArray();
        }
    }

    private static Refusal refusal(byte[] file) {
        try {
            RecipeText.of(file);
            throw new AssertionError("It was read.");
        } catch (NoTextException e) {
            return e.refusal();
        }
    }

    @Test
    void aPdfIsReadLineByLine() throws Exception {
        assertThat(RecipeText.of(pdf("Flatbreads", "260 g flour", "Knead for 7 minutes."))
                        .lines())
                .map(String::strip)
                .containsExactly("Flatbreads", "260 g flour", "Knead for 7 minutes.");
    }

    @Test
    void aPdfOfPicturesIsNot() throws IOException {
        assertThat(refusal(pdf())).isEqualTo(Refusal.SCANNED);
    }

    @ParameterizedTest
    @CsvSource({
        "ffd8ffe000104a464946, PICTURE",
        "89504e470d0a1a0a, PICTURE",
        "000000186674797068656963000000, PICTURE",
        "504b030414000600, OFFICE",
        "d0cf11e0a1b11ae1, OFFICE",
        "255044462d312e37, UNREADABLE",
        "0001020304050607, UNREADABLE"
    })
    void whatIsNoTextIsRefused(String start, Refusal refusal) {
        assertThat(refusal(HexFormat.of().parseHex(start))).isEqualTo(refusal);
    }

    @Test
    void anAddressIsRefusedAndARecipeThatHoldsOneIsNot() throws NoTextException {
        assertThatThrownBy(() -> RecipeText.of("  https://quay.example/recipes/sago \n"))
                .isInstanceOf(NoTextException.class)
                .hasMessageContaining("ADDRESS");
        assertThat(RecipeText.of("Sago\r\n200 g sago\r\nhttps://quay.example")).startsWith("Sago\n200 g sago\n");
    }

    @ParameterizedTest
    @EnumSource(Encoding.class)
    void textIsReadInTheUsualEncodings(Encoding encoding) throws NoTextException {
        assertThat(RecipeText.of("½ TL Kümmel".getBytes(encoding.charset))).isEqualTo("½ TL Kümmel");
    }

    private enum Encoding {
        NEW(StandardCharsets.UTF_8),
        WIDE(StandardCharsets.UTF_16),
        OLD(Charset.forName("windows-1252"));

        private final Charset charset;

        Encoding(Charset charset) {
            this.charset = charset;
        }
    }
}
