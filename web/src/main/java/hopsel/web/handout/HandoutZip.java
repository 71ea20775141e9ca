package hopsel.web.handout;

import hopsel.core.dish.Dish;
import hopsel.core.guest.Attendee;
import hopsel.core.handout.DishFacts;
import hopsel.core.recipe.Slug;
import hopsel.web.handout.EditionStore.Matters;
import hopsel.web.handout.HandoutPdf.Paper;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * Every handout of a class in one file: set side by side on a few threads, and never more of them in memory than those.
 */
@Component
class HandoutZip {

    private static final Logger LOG = LoggerFactory.getLogger(HandoutZip.class);
    private static final int AT_ONCE = Math.max(2, Runtime.getRuntime().availableProcessors());

    private final HandoutDesk desk;
    private final HandoutPdf pdf;

    HandoutZip(HandoutDesk desk, HandoutPdf pdf) {
        this.desk = desk;
        this.pdf = pdf;
    }

    private record Entry(String name, byte[] content) {}

    void write(long id, Matters matters, Paper paper, OutputStream out) throws IOException {
        List<Attendee> attendees = matters.cooking().attendees().stream()
                .filter(attendee -> attendee.gets().handout())
                .toList();
        ExecutorService workers = Executors.newFixedThreadPool(AT_ONCE);
        Queue<String> names = new ArrayDeque<>(List.of("the booklet"));
        List<String> missing = new ArrayList<>();
        Queue<Future<List<Entry>>> waiting = new ArrayDeque<>();
        Map<Dish, DishFacts> known = new ConcurrentHashMap<>();
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            // PDFs are packed already.
            zip.setLevel(Deflater.NO_COMPRESSION);
            waiting.add(workers.submit(() -> List.of(new Entry(
                    "booklet.pdf",
                    pdf.render(
                            id,
                            desk.write(matters, HandoutDesk.anybody(matters.cooking())),
                            paper,
                            true,
                            Optional.empty())))));
            int number = 0;
            for (Attendee attendee : attendees) {
                String name = "%03d-%s".formatted(++number, Slug.of(attendee.name()));
                names.add(attendee.name());
                waiting.add(workers.submit(() -> {
                    var written = desk.write(matters, attendee, known);
                    return List.of(
                            new Entry(name + ".pdf", pdf.render(id, written, paper, false, Optional.empty())),
                            new Entry(name + ".md", desk.markdown(written).getBytes(StandardCharsets.UTF_8)));
                }));
                while (waiting.size() > AT_ONCE) {
                    put(zip, waiting.remove(), names.remove(), missing);
                }
            }
            while (!waiting.isEmpty()) {
                put(zip, waiting.remove(), names.remove(), missing);
            }
            if (!missing.isEmpty()) {
                zip.putNextEntry(new ZipEntry("MISSING.txt"));
                zip.write(("These could not be set, and are not in this file. Look at what is written in them:\n"
                                + String.join("\n", missing) + "\n")
                        .getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        } finally {
            workers.shutdownNow();
        }
    }

    /** One that cannot be set is named; the others are there all the same. */
    private static void put(ZipOutputStream zip, Future<List<Entry>> done, String name, List<String> missing)
            throws IOException {
        try {
            for (Entry entry : done.get()) {
                zip.putNextEntry(new ZipEntry(entry.name));
                zip.write(entry.content);
                zip.closeEntry();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("Stopped.", e);
        } catch (ExecutionException e) {
            LOG.error("A handout could not be set.", e.getCause());
            missing.add(name);
        }
    }
}
