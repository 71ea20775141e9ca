package hopsel.formats.recipefile;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;

/** The text of whatever somebody hands in: text in any usual encoding, or a PDF that holds text. */
public final class RecipeText {

    private static final Pattern ADDRESS =
            Pattern.compile("\\s*(?:https?://|www\\.)\\S+\\s*", Pattern.CASE_INSENSITIVE);
    private static final Charset OLDER = Charset.forName("windows-1252");
    /** Of a hundred characters so many may be none that anybody writes. */
    private static final int MOST_STRANGE = 5;

    private static final int HUNDRED = 100;

    private RecipeText() {}

    /** Why something holds no recipe that can be read, and so what to do instead. */
    public enum Refusal {
        /** Pages are not fetched: their text has to be pasted. */
        ADDRESS,
        PICTURE,
        /** A document of a word processor: it has to be saved as text or PDF. */
        OFFICE,
        /** A PDF that holds pictures of pages. */
        SCANNED,
        UNREADABLE
    }

    /** It holds no text that could be read. */
    public static final class NoTextException extends Exception {

        private static final long serialVersionUID = 1L;
        private final Refusal refusal;

        NoTextException(Refusal refusal) {
            super("The file holds no text: %s.".formatted(refusal));
            this.refusal = refusal;
        }

        /** Why. */
        public Refusal refusal() {
            return refusal;
        }
    }

    /**
     * The text of a file.
     *
     * @throws NoTextException where there is none
     */
    public static String of(byte[] file) throws NoTextException {
        if (starts(file, "%PDF")) {
            return pdf(file);
        }
        if (isPicture(file)) {
            throw new NoTextException(Refusal.PICTURE);
        }
        if (starts(file, "PK\u0003\u0004") || starts(file, 0xD0, 0xCF, 0x11, 0xE0)) {
            throw new NoTextException(Refusal.OFFICE);
        }
        return of(decoded(file));
    }

    /**
     * The text that somebody pasted.
     *
     * @throws NoTextException where it is an address, or nothing that anybody wrote
     */
    public static String of(String pasted) throws NoTextException {
        if (ADDRESS.matcher(pasted).matches()) {
            throw new NoTextException(Refusal.ADDRESS);
        }
        long strange = pasted.chars()
                .filter(letter -> letter == 0xFFFD || Character.isISOControl(letter) && !Character.isWhitespace(letter))
                .count();
        if (strange * HUNDRED > (long) pasted.length() * MOST_STRANGE) {
            throw new NoTextException(Refusal.UNREADABLE);
        }
        return pasted.replace("\r\n", "\n");
    }

    private static String pdf(byte[] file) throws NoTextException {
        try (PDDocument document = Loader.loadPDF(file)) {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setSortByPosition(true);
            String text = stripper.getText(document);
            if (text.isBlank()) {
                throw new NoTextException(Refusal.SCANNED);
            }
            return of(text);
        } catch (IOException | IllegalArgumentException | IllegalStateException | ClassCastException e) {
            // A broken file breaks the library in more than one way; to the cook it is one.
            throw new NoTextException(Refusal.UNREADABLE);
        }
    }

    private static boolean isPicture(byte[] file) {
        boolean heic = file.length > 12 && new String(file, 4, 4, StandardCharsets.ISO_8859_1).equals("ftyp");
        return starts(file, 0xFF, 0xD8, 0xFF)
                || starts(file, 0x89, 'P', 'N', 'G')
                || starts(file, "GIF8")
                || starts(file, "RIFF")
                || starts(file, "II*")
                || heic;
    }

    private static boolean starts(byte[] file, String with) {
        return starts(file, with.chars().toArray());
    }

    private static boolean starts(byte[] file, int... with) {
        for (int i = 0; i < with.length; i++) {
            if (i >= file.length || (file[i] & 0xFF) != with[i]) {
                return false;
            }
        }
        return true;
    }

    private static String decoded(byte[] file) {
        if (starts(file, 0xFF, 0xFE) || starts(file, 0xFE, 0xFF)) {
            return new String(file, StandardCharsets.UTF_16);
        }
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file))
                    .toString();
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (CharacterCodingException e) {
            return new String(file, OLDER);
        }
    }
}
