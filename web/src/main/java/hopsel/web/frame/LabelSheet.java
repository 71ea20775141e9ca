package hopsel.web.frame;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** Labels at their places on sheets of usual sizes, each with a code that opens a page. */
public final class LabelSheet {

    private LabelSheet() {}

    /** Sheets as they are sold: size of the paper, columns, rows, size of a label, margins, all in millimetres. */
    public enum Size {
        A4_24("210mm 297mm", 3, 8, 70, 37, 0, 0.5),
        A4_21("210mm 297mm", 3, 7, 63.5, 38.1, 7.2, 15.1),
        A4_14("210mm 297mm", 2, 7, 99.1, 38.1, 4.7, 15.1),
        LETTER_10("8.5in 11in", 2, 5, 101.6, 50.8, 4, 12.7);

        private final String paper;
        private final int columns;
        private final int rows;
        private final double width;
        private final double height;
        private final double left;
        private final double top;

        Size(String paper, int columns, int rows, double width, double height, double left, double top) {
            this.paper = paper;
            this.columns = columns;
            this.rows = rows;
            this.width = width;
            this.height = height;
            this.left = left;
            this.top = top;
        }

        /** Labels on a sheet. */
        public int perSheet() {
            return columns * rows;
        }

        /** Size of the paper, as a style says it. */
        public String paper() {
            return paper;
        }

        /** Height of a page, mm, a little less than the paper so that the next begins on the next. */
        public int page() {
            return this == LETTER_10 ? 278 : 296;
        }

        /** Millimetres. */
        public double width() {
            return width;
        }

        /** Millimetres. */
        public double height() {
            return height;
        }

        /** Millimetres between the left edges of two labels; the gap of a sheet is what its width leaves. */
        public double pitch() {
            if (columns == 3 && width < 70) {
                return width + 2.5;
            }
            if (columns == 2 && width < 100) {
                return width + 2.5;
            }
            return width;
        }
    }

    /**
     * A label at its place on a sheet, mm.
     *
     * @param code what {@link #code(String)} drew
     */
    public record Placed(Object label, double x, double y, String code) {}

    /**
     * The sheets.
     *
     * @param link address that the code of a label opens
     * @param skip labels that the first sheet has lost already; more than a sheet has are none
     */
    public static <T> List<List<Placed>> place(List<T> labels, Function<T, String> link, Size size, int skip) {
        int lost = Math.max(0, Math.min(skip, size.perSheet() - 1));
        List<List<Placed>> sheets = new ArrayList<>();
        for (int i = 0; i < labels.size(); i++) {
            int at = i + lost;
            if (sheets.isEmpty() || at % size.perSheet() == 0) {
                sheets.add(new ArrayList<>());
            }
            int place = at % size.perSheet();
            sheets.get(sheets.size() - 1)
                    .add(new Placed(
                            labels.get(i),
                            size.left + place % size.columns * size.pitch(),
                            size.top + place / size.columns * size.height,
                            code(link.apply(labels.get(i)))));
        }
        return sheets;
    }

    /** The dark squares of a QR code as one SVG path, in units of a square. */
    public static String code(String text) {
        try {
            BitMatrix matrix =
                    new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 0));
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < matrix.getHeight(); y++) {
                for (int x = 0; x < matrix.getWidth(); x++) {
                    if (matrix.get(x, y)) {
                        path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                    }
                }
            }
            return "0 0 %d %d|%s".formatted(matrix.getWidth(), matrix.getHeight(), path);
        } catch (WriterException e) {
            throw new IllegalArgumentException("No code can hold [%s].".formatted(text), e);
        }
    }
}
