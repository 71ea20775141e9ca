package hopsel.web.log;

import hopsel.core.classes.CookingClass;
import hopsel.core.log.AirLog;
import hopsel.core.log.Observation;
import hopsel.core.planned.PlannedClass;
import hopsel.formats.captions.WebVtt;
import hopsel.formats.table.Table;
import hopsel.web.air.Experience;
import hopsel.web.air.Experience.Evening;
import hopsel.web.bench.Lessons;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.AllOrNothing;
import hopsel.web.frame.Download;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.log.EveningLessons.Taught;
import hopsel.web.plan.ClassPages;
import hopsel.web.vote.VoteStore;

import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;

/** What a class that was on air teaches: planned and actual, what was noted, and how long steps really take. */
@Controller
class LogController {

    private final ClassPages pages;
    private final Experience experience;
    private final ClassStore classes;
    private final ClassChanges changes;
    private final VoteStore votes;
    private final Lessons lessons;
    private final EveningLessons teaching;
    private final AllOrNothing all;

    LogController(
            ClassPages pages,
            Experience experience,
            ClassStore classes,
            ClassChanges changes,
            VoteStore votes,
            Lessons lessons,
            EveningLessons teaching,
            AllOrNothing all) {
        this.all = all;
        this.pages = pages;
        this.experience = experience;
        this.classes = classes;
        this.changes = changes;
        this.votes = votes;
        this.lessons = lessons;
        this.teaching = teaching;
    }

    @GetMapping("/classes/{id}/air/log")
    String log(@PathVariable("id") long id, Model model) {
        PlannedClass now = pages.open(id, Station.AIR, model);
        model.addAttribute("ratings", votes.ratings(id));
        model.addAttribute("from", "log");
        teaching.fill(id, now, model);
        experience.evening(id).ifPresent(evening -> {
            CookingClass cooking = evening.planned().cooking();
            model.addAttribute("log", evening.log());
            model.addAttribute("airEnd", evening.planned().plan().airEnd());
            model.addAttribute(
                    "bars",
                    LogDrawing.of(
                            cooking, evening.log(), evening.planned().plan().airEnd()));
            model.addAttribute(
                    "ovens",
                    experience.ovens().stream()
                            .filter(oven -> oven.kitchen().equals(Observation.kitchen(cooking)))
                            .toList());
            model.addAttribute("before", experience.lastTime(cooking, Optional.of(id)));
        });
        return "log/log";
    }

    private Evening evening(long id) {
        return experience.evening(id).orElseThrow(NotFoundException::new);
    }

    /**
     * Takes what was learned into the recipe of this class; it can be undone like any change.
     *
     * @param step of which the minutes are taken; empty: of all
     * @param from the page on which it was pressed
     */
    @PostMapping("/classes/{id}/air/log/take")
    String take(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam(value = "step", defaultValue = "") String step,
            @RequestParam(value = "from", defaultValue = "log") String from,
            Principal who,
            RedirectAttributes next) {
        StoredClass stored = classes.find(id).orElseThrow(NotFoundException::new);
        List<Taught> taken = teaching.taught(pages.planned(id)).stream()
                .filter(own ->
                        step.isEmpty() ? own.isNews() : own.step().toString().equals(step))
                .toList();
        if (taken.isEmpty()) {
            throw new NotFoundException();
        }
        CookingClass wanted = stored.cooking();
        for (Taught taught : taken) {
            wanted = taught.learned().in(wanted, taught.step());
        }
        try {
            changes.change(id, version, wanted, stored.wishes(), who.getName(), "minutes learned from the log");
            next.addFlashAttribute("toldLines", List.of("Saved in this class's recipe. The plan is updated."));
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
        }
        return back(id, from);
    }

    private static String back(long id, String from) {
        return "redirect:/classes/%d/air/%s".formatted(id, from.equals("close") ? "close" : "log");
    }

    /** Takes what an amount came to by taste into the recipe of this class; it can be undone like any change. */
    @PostMapping("/classes/{id}/air/log/taste")
    String taste(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam("line") String line,
            @RequestParam(value = "from", defaultValue = "log") String from,
            Principal who,
            RedirectAttributes next) {
        StoredClass stored = classes.find(id).orElseThrow(NotFoundException::new);
        Evening evening = evening(id);
        AirLog.Tasted tasted = evening.log().tastes().stream()
                .filter(own -> (own.dish() + "/" + own.line()).equals(line))
                .findFirst()
                .orElseThrow(NotFoundException::new);
        try {
            AtomicInteger onBench = new AtomicInteger();
            all.of(() -> {
                changes.change(
                        id,
                        version,
                        tasted.in(stored.cooking()),
                        stored.wishes(),
                        who.getName(),
                        "amount found by taste");
                onBench.set(lessons.taste(evening.planned().cooking().dish(tasted.dish()), tasted, who.getName()));
            });
            int dishes = onBench.get();
            next.addFlashAttribute(
                    "toldLines",
                    List.of("Saved in this class's recipe%s.".formatted(dishes > 0 ? ", and in Recipes" : "")));
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
        }
        return back(id, from);
    }

    /** Chapters and amounts of a recording, by what was pressed. */
    @GetMapping("/classes/{id}/air/log/{what:chapters|amounts}.vtt")
    ResponseEntity<byte[]> captions(@PathVariable("id") long id, @PathVariable("what") String what) {
        Evening evening = evening(id);
        PlannedClass planned = evening.planned();
        List<WebVtt.Shown> shown = evening.log().rows().stream()
                .map(AirLog.Row::standing)
                .filter(standing -> standing.activity().shown())
                .map(standing -> new WebVtt.Shown(
                        standing.activity().step(), Math.max(0, standing.start()), Math.max(1, standing.end())))
                .toList();
        String text = what.equals("chapters")
                ? WebVtt.chapters(planned.cooking(), shown)
                : WebVtt.amounts(planned.cooking(), planned.catalogue(), shown);
        return Download.text("%s-%d.vtt".formatted(what, id), "vtt", text);
    }

    /** The log as a table. */
    @GetMapping("/classes/{id}/air/log.csv")
    ResponseEntity<byte[]> csv(@PathVariable("id") long id) {
        Evening evening = evening(id);
        CookingClass cooking = evening.planned().cooking();
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("dish", "step", "planned start", "start", "planned seconds", "seconds"));
        evening.log()
                .rows()
                .forEach(row -> rows.add(List.of(
                        cooking.dish(AirLog.step(row).dish()).title(),
                        cooking.step(AirLog.step(row)).title(),
                        String.valueOf(row.standing().activity().start()),
                        String.valueOf(row.standing().start()),
                        String.valueOf(row.standing().activity().duration()),
                        String.valueOf(row.lasted()))));
        return Download.text("log-%d.csv".formatted(id), "csv", Table.write(rows));
    }
}
