package hopsel.formats.recipefile;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/**
 * Many recipe files in one archive (ZIP), as a folder is packed; folders in it and what systems put beside files are
 * passed over.
 */
public final class RecipeBox {

    /** Files that are taken from one archive. */
    public static final int MOST = 300;
    /** Bytes of one file, and of all of them: what unpacks to more is no box of recipes. */
    private static final int LARGEST = 3_000_000;

    private static final int LARGEST_BOX = 40_000_000;

    private RecipeBox() {}

    /** A file of it. */
    public record Leaf(String name, byte[] content) {}

    /** Whether these are the bytes of an archive; documents of word processors, which are archives, too, are none. */
    public static boolean is(byte[] file) {
        if (file.length < 4 || file[0] != 'P' || file[1] != 'K') {
            return false;
        }
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(file))) {
            ZipEntry first = in.getNextEntry();
            return first != null
                    && !first.getName().equals("mimetype")
                    && !first.getName().equals("[Content_Types].xml")
                    && !first.getName().startsWith("_rels/")
                    && !first.getName().startsWith("word/");
        } catch (IOException e) {
            return false;
        }
    }

    /**
     * The files of an archive.
     *
     * @throws IOException where it is damaged, or holds more than a box of recipes does
     */
    public static List<Leaf> open(byte[] file) throws IOException {
        List<Leaf> leaves = new ArrayList<>();
        int all = 0;
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                String name = entry.getName().substring(entry.getName().lastIndexOf('/') + 1);
                if (entry.isDirectory()
                        || name.startsWith(".")
                        || entry.getName().contains("__MACOSX")) {
                    continue;
                }
                byte[] content = in.readNBytes(LARGEST + 1);
                all += content.length;
                if (content.length > LARGEST || all > LARGEST_BOX || leaves.size() == MOST) {
                    throw new IOException("The archive holds more than a box of recipes does.");
                }
                leaves.add(new Leaf(name, content));
            }
        }
        return leaves;
    }
}
