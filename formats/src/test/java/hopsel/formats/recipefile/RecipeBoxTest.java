package hopsel.formats.recipefile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.formats.recipefile.RecipeBox.Leaf;

import org.junit.jupiter.api.Test;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Many recipes in one archive. */
class RecipeBoxTest {

    private static byte[] box(byte[] content, String... names) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (String name : names) {
                zip.putNextEntry(new ZipEntry(name));
                zip.write(content);
            }
        }
        return out.toByteArray();
    }

    private static byte[] text(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void filesOfAllFoldersAreTakenAndWhatSystemsPutBesideThemIsNot() throws IOException {
        byte[] file = box(text("Rice"), "soups/rice.txt", "__MACOSX/soups/._rice.txt", ".hidden", "tart.html");
        assertThat(RecipeBox.is(file)).isTrue();
        assertThat(RecipeBox.open(file)).extracting(Leaf::name).containsExactly("rice.txt", "tart.html");
    }

    @Test
    void aDocumentOfAWordProcessorIsNoBox() throws IOException {
        assertThat(RecipeBox.is(box(text("x"), "[Content_Types].xml", "word/document.xml")))
                .isFalse();
        assertThat(RecipeBox.is(box(text("x"), "mimetype"))).isFalse();
        assertThat(RecipeBox.is(text("PK is how it begins"))).isFalse();
    }

    @Test
    void whatUnpacksToMoreThanABoxOfRecipesIsRefused() throws IOException {
        byte[] bomb = box(new byte[4_000_000], "small.txt");
        assertThat(bomb.length).isLessThan(10_000);
        assertThatThrownBy(() -> RecipeBox.open(bomb)).isInstanceOf(IOException.class);
        byte[] many = box(
                text("x"),
                IntStream.rangeClosed(0, RecipeBox.MOST)
                        .mapToObj(i -> i + ".txt")
                        .toArray(String[]::new));
        assertThatThrownBy(() -> RecipeBox.open(many)).isInstanceOf(IOException.class);
    }
}
