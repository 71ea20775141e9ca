package hopsel.web.frame;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;

import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * Pictures that people hand in. Each is looked at before it is decoded, and drawn anew: what was hidden in the file,
 * and where it was taken, is gone.
 */
public final class SafePicture {

    /** More than a camera takes; beyond it, something small that unpacks to something huge. */
    private static final long MOST_PIXELS = 60_000_000;

    private static final Set<String> FORMATS = Set.of("jpeg", "png", "gif", "bmp");

    private SafePicture() {}

    /** That a file is no picture that can be taken; the message says why. */
    public static final class BadPictureException extends Exception {

        private static final long serialVersionUID = 1L;

        private BadPictureException(String message) {
            super(message);
        }
    }

    /** The points of a picture. */
    public static BufferedImage decode(byte[] file) throws BadPictureException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new BadPictureException("This is no picture. Take a JPEG or PNG.");
            }
            ImageReader reader = readers.next();
            try {
                if (!FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    throw new BadPictureException("This kind of picture is not taken. Take a JPEG or PNG.");
                }
                reader.setInput(in, true, true);
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
                    throw new BadPictureException("This picture has more than 60 million points. Take a smaller one.");
                }
                return reader.read(0);
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException | NegativeArraySizeException e) {
            // What the readers of the platform throw at files that were made up to hurt them.
            throw new BadPictureException("This picture is damaged. Try another.");
        }
    }

    /** At most so large, on white, without anything but points. */
    public static BufferedImage smaller(BufferedImage picture, int largestEdge) {
        double factor = Math.min(1, largestEdge / (double) Math.max(picture.getWidth(), picture.getHeight()));
        int width = Math.max(1, (int) Math.round(picture.getWidth() * factor));
        int height = Math.max(1, (int) Math.round(picture.getHeight() * factor));
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = small.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, width, height);
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.drawImage(picture, 0, 0, width, height, null);
        pen.dispose();
        return small;
    }

    /** The picture as a file of that format. */
    public static byte[] write(BufferedImage picture, String format) throws BadPictureException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, format, out);
        } catch (IOException e) {
            throw new BadPictureException("This picture could not be written anew. Try another.");
        }
        return out.toByteArray();
    }
}
