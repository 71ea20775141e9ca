package hopsel.web.classlist;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Finding;
import hopsel.core.item.Catalogue;
import hopsel.core.plan.Wishes;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.classfile.FaultyFileException;
import hopsel.web.classes.BrokenClassException;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.Guests;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.AllOrNothing;
import hopsel.web.frame.NotFoundException;
import hopsel.web.plan.PlanDesk;

import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** Lists classes, brings them in from files and takes them out again. */
@Controller
class ClassesController {

    private static final Duration A_DAY = Duration.ofDays(1);
    /** How long a class that was deleted can be brought back. */
    private static final Duration KEPT = Duration.ofDays(30);

    private final ClassStore store;
    private final ClassChanges changes;
    private final Guests guests;
    private final PlanDesk desk;
    private final Catalogue catalogue;
    private final Clock clock;
    private final AllOrNothing all;

    ClassesController(
            ClassStore store,
            ClassChanges changes,
            Guests guests,
            PlanDesk desk,
            Catalogue catalogue,
            Clock clock,
            AllOrNothing all) {
        this.all = all;
        this.store = store;
        this.changes = changes;
        this.guests = guests;
        this.desk = desk;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    @GetMapping("/classes")
    String list(Model model) {
        List<Listed> all = store.entries().stream().map(this::entry).toList();
        Instant today = clock.instant();
        Comparator<Listed> byDay = Comparator.comparing(Listed::onAir);
        model.addAttribute("classes", all);
        model.addAttribute("deleted", store.thrownAway(now().minus(KEPT)));
        model.addAttribute(
                "readable", all.stream().flatMap(one -> one.stored().stream()).toList());
        model.addAttribute(
                "coming",
                all.stream().filter(one -> !one.isOver(today)).sorted(byDay).toList());
        model.addAttribute(
                "past",
                all.stream()
                        .filter(one -> one.isOver(today))
                        .sorted(byDay.reversed())
                        .toList());
        return "classes/list";
    }

    /** One that cannot be read is listed by its title, and breaks nothing. */
    private Listed entry(ClassStore.Entry entry) {
        try {
            return new Listed(entry.id(), entry.title(), desk.peek(entry.id()).orElse(null));
        } catch (BrokenClassException e) {
            return new Listed(entry.id(), entry.title(), null);
        }
    }

    /**
     * A class in the list.
     *
     * @param planned null where it cannot be read
     */
    public record Listed(long id, String title, PlanDesk.@Nullable Planned planned) {

        Optional<StoredClass> stored() {
            return Optional.ofNullable(planned).map(PlanDesk.Planned::stored);
        }

        /** When it begins; one that cannot be read stands last of those to come. */
        Instant onAir() {
            return planned == null
                    ? Instant.MAX
                    : planned.stored().cooking().onAir().toInstant();
        }

        /** Whether its day is over: until then it may be held late. */
        boolean isOver(Instant now) {
            return onAir().isBefore(now.minus(A_DAY));
        }
    }

    @PostMapping("/classes")
    ModelAndView bringIn(@RequestParam("file") MultipartFile file, RedirectAttributes next) throws IOException {
        try {
            long id = store.add(ClassFile.read(file.getBytes(), catalogue));
            next.addFlashAttribute("told", "classes.brought-in");
            return new ModelAndView("redirect:/classes/" + id);
        } catch (FaultyFileException e) {
            return refused(file.getOriginalFilename(), e.findings());
        }
    }

    @PostMapping("/classes/{id}/replace")
    ModelAndView replace(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam("file") MultipartFile file,
            RedirectAttributes next,
            Principal who)
            throws IOException {
        try {
            CookingClass wanted = ClassFile.read(file.getBytes(), catalogue);
            List<String> told = new ArrayList<>(List.of("Class replaced."));
            all.of(() -> {
                changes.change(id, version, wanted, Wishes.NONE, who.getName(), "replaced by a file");
                told.addAll(guests.join(id, wanted.attendees()));
            });
            next.addFlashAttribute("toldLines", told);
        } catch (FaultyFileException e) {
            return refused(file.getOriginalFilename(), e.findings());
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
        }
        return new ModelAndView(store.version(id).isPresent() ? "redirect:/classes/" + id : "redirect:/classes");
    }

    @PostMapping("/classes/{id}/remove")
    String remove(@PathVariable("id") long id, @RequestParam("version") int version, RedirectAttributes next) {
        try {
            store.throwAway(id, version, now());
            next.addFlashAttribute("thrownAway", id);
            return "redirect:/classes";
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
            return store.version(id).isPresent() ? "redirect:/classes/" + id : "redirect:/classes";
        }
    }

    /** A class that was deleted is there again, with guests, plan and log. */
    @PostMapping("/classes/{id}/bring-back")
    String bringBack(@PathVariable("id") long id, RedirectAttributes next) {
        boolean back = store.bringBack(id);
        next.addFlashAttribute(back ? "told" : "warned", back ? "classes.back" : "classes.gone");
        return back ? "redirect:/classes/" + id : "redirect:/classes";
    }

    /** Nothing is left of a class that was deleted before. */
    @PostMapping("/classes/{id}/erase")
    String erase(@PathVariable("id") long id, RedirectAttributes next) {
        store.erase(id);
        next.addFlashAttribute("told", "classes.erased");
        return "redirect:/classes";
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    /** A class that cannot be opened goes back to the last state that can. */
    @PostMapping("/classes/{id}/step-back")
    String stepBack(@PathVariable("id") long id, RedirectAttributes next) {
        boolean back = changes.stepBack(id);
        next.addFlashAttribute(back ? "told" : "warned", back ? "broken.went-back" : "broken.no-way-back");
        return back ? "redirect:/classes/" + id : "redirect:/classes";
    }

    @GetMapping("/classes/{id}/file")
    ResponseEntity<byte[]> takeOut(@PathVariable("id") long id) {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        String name = ContentDisposition.attachment()
                .filename("class-%d.json".formatted(id))
                .build()
                .toString();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.CONTENT_DISPOSITION, name)
                .body(ClassFile.write(stored.cooking()).getBytes(StandardCharsets.UTF_8));
    }

    @ExceptionHandler(MaxUploadSizeExceededException.class)
    ModelAndView tooLarge() {
        return refused("", List.of(new Finding("", "The file is larger than 5 MB.", "Split it into classes.")));
    }

    private static ModelAndView refused(@Nullable String name, List<Finding> findings) {
        ModelAndView page = new ModelAndView("classes/refused", HttpStatus.UNPROCESSABLE_CONTENT);
        page.addObject("name", Objects.requireNonNullElse(name, ""));
        page.addObject("findings", findings);
        return page;
    }
}
