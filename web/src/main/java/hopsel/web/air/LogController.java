package hopsel.web.air;

import hopsel.core.air.AirState;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.log.AirLog;
import hopsel.core.log.Learned;
import hopsel.core.planned.PlannedClass;
import hopsel.formats.captions.WebVtt;
import hopsel.formats.table.Table;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.ClassPages;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.vote.VoteStore;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What a class that was on air teaches: planned and actual, what was noted, and how long steps really take. */
@Controller
class LogController {

    private final ClassPages pages;
    private final AirDesk desk;
    private final AirStore store;
    private final ClassStore classes;
    private final ClassChanges changes;
    private final VoteStore votes;

    LogController(ClassPages pages, AirDesk desk, AirStore store, ClassStore classes, ClassChanges changes, VoteStore votes) {
        this.pages = pages;
        this.desk = desk;
        this.store = store;
        this.classes = classes;
        this.changes = changes;
        this.votes = votes;
    }

    /** A step with what all logs say of it. */
    public record Taught(StepRef step, String title, int planned, Learned learned) {
    }

    @GetMapping("/classes/{id}/air/log")
    String log(@PathVariable("id") long id, Model model) {
        PlannedClass planned = pages.open(id, Station.AIR, model);
        model.addAttribute("ratings", votes.ratings(id));
        log(id, planned).ifPresent(log -> {
            model.addAttribute("log", log);
            model.addAttribute("bars", LogDrawing.of(planned.cooking(), log, planned.plan().airEnd()));
            model.addAttribute("taught", taught(planned.cooking()));
            model.addAttribute("before", before(id, planned.cooking()));
        });
        return "air/log";
    }

    private Optional<AirLog> log(long id, PlannedClass planned) {
        AirState state = desk.state(id, planned, store.events(id));
        return state.onAir().isEmpty() ? Optional.empty() : Optional.of(AirLog.of(state));
    }

    /** By dish and step, over every class that was on air; the last first. */
    private List<Taught> taught(CookingClass cooking) {
        Map<StepRef, List<Integer>> took = new LinkedHashMap<>();
        for (long other : store.classes()) {
            log(other, desk.planned(other)).ifPresent(log -> log.rows().stream().filter(row -> row.standing().activity().duration() == full(desk.planned(other).cooking(), row))
                    .forEach(row -> took.computeIfAbsent(row.standing().activity().step(), any -> new ArrayList<>()).add(row.lasted())));
        }
        List<Taught> all = new ArrayList<>();
        cooking.dishes().forEach(dish -> dish.steps().forEach(step -> {
            StepRef ref = new StepRef(dish.id(), step.id());
            List<Integer> seconds = took.getOrDefault(ref, List.of());
            if (!seconds.isEmpty()) {
                all.add(new Taught(ref, step.title(), step.minutes().likely().seconds(), Learned.from(step.minutes().likely().seconds(), seconds)));
            }
        }));
        return all;
    }

    /** What is swapped out is shown for a moment only, and teaches nothing. */
    private static int full(CookingClass cooking, AirLog.Row row) {
        return cooking.onAir(cooking.step(row.standing().activity().step())).minutes().likely().seconds();
    }

    /** What went wrong, or was noted, in other classes with one of these dishes. */
    private List<String> before(long id, CookingClass cooking) {
        List<String> said = new ArrayList<>();
        for (long other : store.classes()) {
            PlannedClass planned = desk.planned(other);
            List<String> dishes = cooking.dishes().stream().map(Dish::id).toList();
            if (other != id) {
                log(other, planned).ifPresent(log -> {
                    log.notes().stream().filter(note -> !note.key().isEmpty() && dishes.contains(note.key().split("/")[0])).forEach(note -> said.add("%s: %s".formatted(planned.cooking().title(), note.text())));
                    log.failed().stream().filter(key -> dishes.contains(key.split("/")[0])).forEach(key -> said.add("%s: “%s” failed".formatted(planned.cooking().title(), title(planned.cooking(), key))));
                });
            }
        }
        return said;
    }

    private static String title(CookingClass cooking, String key) {
        return cooking.dishes().stream().flatMap(dish -> dish.steps().filter(step -> key.startsWith(dish.id() + "/" + step.id() + "|")).map(Step::title)).findFirst().orElse(key);
    }

    /** Takes what was learned into the recipe of this class; it can be undone like any change. */
    @PostMapping("/classes/{id}/air/log/take")
    String take(@PathVariable("id") long id, @RequestParam("version") int version, @RequestParam("step") String step, Principal who, RedirectAttributes next) {
        StoredClass stored = classes.find(id).orElseThrow(NotFoundException::new);
        Taught taught = taught(stored.cooking()).stream().filter(own -> own.step().toString().equals(step)).findFirst().orElseThrow(NotFoundException::new);
        try {
            changes.change(id, version, taught.learned().in(stored.cooking(), taught.step()), stored.wishes(), who.getName(), "minutes learned from the log");
            next.addFlashAttribute("toldLines", List.of("Taken into the recipe of this class; the plan follows."));
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
        }
        return "redirect:/classes/%d/air/log".formatted(id);
    }

    /** Chapters and amounts of a recording, by what was pressed. */
    @GetMapping("/classes/{id}/air/log/{what:chapters|amounts}.vtt")
    ResponseEntity<byte[]> captions(@PathVariable("id") long id, @PathVariable("what") String what) {
        PlannedClass planned = desk.planned(id);
        List<WebVtt.Shown> shown = log(id, planned).orElseThrow(NotFoundException::new).rows().stream().map(AirLog.Row::standing).filter(standing -> standing.activity().shown())
                .map(standing -> new WebVtt.Shown(standing.activity(), Math.max(0, standing.start()), Math.max(1, standing.end()))).toList();
        String text = what.equals("chapters") ? WebVtt.chapters(planned.cooking(), shown) : WebVtt.amounts(planned.cooking(), planned.catalogue(), shown);
        return file("%s-%d.vtt".formatted(what, id), new MediaType("text", "vtt", StandardCharsets.UTF_8), text);
    }

    /** The log as a table. */
    @GetMapping("/classes/{id}/air/log.csv")
    ResponseEntity<byte[]> csv(@PathVariable("id") long id) {
        PlannedClass planned = desk.planned(id);
        AirLog log = log(id, planned).orElseThrow(NotFoundException::new);
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("dish", "step", "planned start", "start", "planned seconds", "seconds"));
        log.rows().forEach(row -> rows.add(List.of(planned.cooking().dish(row.standing().activity().step().dish()).title(), planned.cooking().step(row.standing().activity().step()).title(),
                String.valueOf(row.standing().activity().start()), String.valueOf(row.standing().start()), String.valueOf(row.standing().activity().duration()), String.valueOf(row.lasted()))));
        return file("log-%d.csv".formatted(id), new MediaType("text", "csv", StandardCharsets.UTF_8), Table.write(rows));
    }

    private static ResponseEntity<byte[]> file(String name, MediaType type, String text) {
        return ResponseEntity.ok().contentType(type).header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename(name).build().toString()).body(text.getBytes(StandardCharsets.UTF_8));
    }
}
