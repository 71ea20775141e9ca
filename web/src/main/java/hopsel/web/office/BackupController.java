package hopsel.web.office;

import hopsel.web.frame.NotFoundException;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Backups that the start command makes by itself: what is there, and asking for one more. Makes none itself. */
@Controller
class BackupController {

    private static final String ENDS = ".tar.gz";
    /** The start command makes a backup soon after this is there. */
    private static final String WANTED = "wanted";
    /** Holds when the last try failed. */
    private static final String FAILED = "failed";

    private static final double MEGABYTE = 1_000_000;

    private final Optional<Path> folder;

    BackupController(@Value("${hopsel.backups:}") String folder) {
        this.folder = Optional.of(folder).filter(text -> !text.isBlank()).map(Path::of);
    }

    /**
     * A backup that is there.
     *
     * @param made UTC
     * @param megabytes its size
     */
    record Backup(String name, LocalDateTime made, String megabytes) {}

    @GetMapping("/house/backup")
    String backups(Model model) throws IOException {
        model.addAttribute("made", folder.isPresent() ? list(folder.get()) : List.of());
        model.addAttribute("able", folder.isPresent());
        model.addAttribute(
                "wanted",
                folder.filter(own -> Files.exists(own.resolve(WANTED))).isPresent());
        model.addAttribute("failed", folder.map(BackupController::failed).orElse(""));
        return "office/backup";
    }

    private static String failed(Path folder) {
        try {
            return Files.readString(folder.resolve(FAILED)).strip();
        } catch (NoSuchFileException e) {
            return "";
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** When the last backup that is there was made, UTC; empty: there is none, or nobody makes any here. */
    Optional<LocalDateTime> last() throws IOException {
        return folder.isEmpty()
                ? Optional.empty()
                : list(folder.get()).stream().findFirst().map(Backup::made);
    }

    /** Where backups lie, or else where the application runs. */
    Path place() {
        return folder.filter(Files::isDirectory).orElse(Path.of("."));
    }

    private static List<Backup> list(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.toString().endsWith(ENDS))
                    .map(BackupController::backup)
                    .sorted(Comparator.comparing(Backup::made).reversed())
                    .toList();
        }
    }

    private static Backup backup(Path file) {
        try {
            return new Backup(
                    String.valueOf(file.getFileName()),
                    LocalDateTime.ofInstant(Files.getLastModifiedTime(file).toInstant(), ZoneOffset.UTC),
                    "%.1f".formatted(Files.size(file) / MEGABYTE));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @PostMapping("/house/backup")
    String wanted(RedirectAttributes next) throws IOException {
        if (folder.isPresent()) {
            Files.createDirectories(folder.get());
            Files.writeString(folder.get().resolve(WANTED), "");
            next.addFlashAttribute("told", "backup.begun");
        }
        return "redirect:/house/backup";
    }

    @GetMapping("/house/backup/{name}")
    ResponseEntity<Resource> fetch(@PathVariable("name") String name) throws IOException {
        Path own = folder.orElseThrow(NotFoundException::new);
        // Only what is in the list, so that no name leads anywhere else.
        Backup found = list(own).stream()
                .filter(backup -> backup.name().equals(name))
                .findFirst()
                .orElseThrow(NotFoundException::new);
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(found.name())
                                .build()
                                .toString())
                .cacheControl(CacheControl.noStore())
                .body(new FileSystemResource(own.resolve(found.name())));
    }
}
