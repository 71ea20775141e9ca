package hopsel.web.handout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.web.frame.SafePicture;
import hopsel.web.frame.SafePicture.BadPictureException;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

import javax.imageio.ImageIO;

/** What hosts bring along: their words as harmless HTML, their pictures as points and nothing else. */
class HostTextTest {

    private final HostText text = new HostText();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a *soft* **dough**|<p>a <em>soft</em> <strong>dough</strong></p>",
                "- one|<ul>\\n<li>one</li>\\n</ul>",
                "[us](https://tern-quay.example)|<p><a rel=\"nofollow\" href=\"https://tern-quay.example\">us</a></p>"
            })
    void simpleFormattingIsUnderstood(String written, String html) {
        assertThat(text.html(written).strip()).isEqualTo(html.replace("\\n", "\n"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<script>alert(1)</script>",
                "<img src=x onerror=alert(1)>",
                "[x](javascript:alert(1))",
                "[x](JaVaScRiPt:alert(1))",
                "[x](data:text/html,hi)",
                "![x](https://tern-quay.example/track.png)",
                "<a href='x' onclick='y'>z</a>",
                "`<b>`",
                "# heading <iframe>",
                "[x](<javascript:alert(1)>)",
                "[x](//elsewhere.example)",
                "&lt;script&gt;",
                "<!-- --><script>"
            })
    void nothingThatRunsLoadsOrLeadsAwayComesThrough(String written) {
        assertThat(text.html(written))
                .doesNotContainPattern("(?i)<(?!/?(?:p|em|strong|code|ul|ol|li|blockquote|br)\\b)")
                .doesNotContain("href=\"javascript", "href=\"data", "<img");
    }

    private static byte[] png(int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB), "png", out);
        return out.toByteArray();
    }

    @Test
    void aPictureIsDrawnAnewAndNoLargerThanAPageNeeds() throws Exception {
        BufferedImage small = SafePicture.smaller(SafePicture.decode(png(3000, 1000)), 1400);
        assertThat(small.getWidth()).isEqualTo(1400);
        assertThat(small.getHeight()).isEqualTo(467);
        assertThat(small.getRGB(0, 0)).as("what is transparent is white").isEqualTo(0xFFFFFFFF);
    }

    @Test
    void aFileThatUnpacksToSomethingHugeIsRefusedBeforeItIsDecoded() throws Exception {
        byte[] bomb = png(10, 10);
        // Width and height stand in the header, from byte 16 on.
        byte[] huge = {0, 0, (byte) 0x9c, 0x40, 0, 0, (byte) 0x9c, 0x40};
        System.arraycopy(huge, 0, bomb, 16, 8);
        assertThatThrownBy(() -> SafePicture.decode(bomb))
                .isInstanceOf(BadPictureException.class)
                .hasMessageContaining("60 million");
    }

    @Test
    void whatIsNoPictureIsSaidToBeNone() throws Exception {
        assertThatThrownBy(() -> SafePicture.decode("<svg onload='x'/>".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(BadPictureException.class)
                .hasMessageContaining("JPEG or PNG");
        byte[] cut = png(200, 200);
        assertThatThrownBy(() -> SafePicture.decode(Arrays.copyOf(cut, 60))).isInstanceOf(BadPictureException.class);
    }
}
