package hopsel.web.air;

import hopsel.core.air.AirEvent;
import hopsel.core.air.Happened;
import hopsel.core.air.Happened.Drop;
import hopsel.core.air.Happened.Note;
import hopsel.core.air.Happened.Question;
import hopsel.core.air.Reply;
import hopsel.core.classes.CookingClass;
import hopsel.core.kitchen.Role;
import hopsel.core.planned.PlannedClass;
import hopsel.core.practice.Happening;
import hopsel.core.practice.Pace;
import hopsel.core.practice.Practice;
import hopsel.core.practice.Practice.Conduct;
import hopsel.core.practice.Report;
import hopsel.core.practice.SimulatedKitchen;
import hopsel.formats.eventfile.EventFile;
import hopsel.web.air.AirRuns.Rehearsal;
import hopsel.web.air.AirStore.Run;
import hopsel.web.frame.Figures;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Remembered;
import hopsel.web.frame.Station;
import hopsel.web.plan.ClassPages;

import org.springframework.context.MessageSource;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

import java.security.Principal;
import java.time.Duration;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * Classes run against a simulated kitchen: by itself, or played by a host and an assistant, with a report at the end.
 */
@Controller
class PracticeController {

    private final ClassPages pages;
    private final AirDesk desk;
    private final AirRuns runs;
    private final AirStore store;
    private final Figures figures;
    private final MessageSource messages;
    /** The last evening of each class; it takes a while. */
    private final Remembered<Evening> evenings = new Remembered<>();

    private final Remembered<Practice> best = new Remembered<>();

    PracticeController(
            ClassPages pages, AirDesk desk, AirRuns runs, AirStore store, Figures figures, MessageSource messages) {
        this.pages = pages;
        this.desk = desk;
        this.runs = runs;
        this.store = store;
        this.figures = figures;
        this.messages = messages;
    }

    /** An evening that ran by itself, three ways. */
    private record Evening(List<Happening> happenings, Practice alone, Practice advised, Practice best) {

        static Evening of(PlannedClass planned, long seed) {
            Practice alone = Practice.of(planned.cooking(), planned.plan(), seed, Conduct.NONE);
            Practice advised = Practice.of(planned.cooking(), planned.plan(), seed, Conduct.ADVISED);
            Practice hindsight = Practice.of(planned.cooking(), planned.plan(), seed, Conduct.HINDSIGHT);
            return new Evening(
                    new SimulatedKitchen(planned.cooking(), planned.plan(), seed).happenings(),
                    alone,
                    advised,
                    Practice.best(planned.cooking().airMinutes().seconds(), List.of(alone, advised, hindsight)));
        }
    }

    /** A step that was not taken when it was ready, by its name. */
    public record Off(String title, int seconds) {}

    /** A minute of a rehearsal, in sentences. */
    public record Told(int at, int end, List<String> what) {}

    @GetMapping("/classes/{id}/air/practice")
    String practice(
            @PathVariable("id") long id, @RequestParam(value = "seed", defaultValue = "1") long seed, Model model) {
        PlannedClass planned = pages.open(id, Station.AIR, model);
        model.addAttribute("seed", seed);
        model.addAttribute("possible", runs(planned));
        model.addAttribute("rehearsals", runs.rehearsals(id));
        return "air/practice";
    }

    private static boolean runs(PlannedClass planned) {
        return planned.plan().possible() && !planned.plan().activities().isEmpty();
    }

    /** An evening by itself; it takes a moment, and is fetched once the page is there. */
    @GetMapping("/classes/{id}/air/practice/evening")
    String evening(
            @PathVariable("id") long id, @RequestParam(value = "seed", defaultValue = "1") long seed, Model model) {
        PlannedClass planned = pages.open(id, Station.AIR, model);
        if (!runs(planned)) {
            throw new NotFoundException();
        }
        model.addAttribute("seed", seed);
        Evening evening = evenings.of(id, planned, seed, () -> Evening.of(planned, seed));
        model.addAttribute("alone", evening.alone);
        model.addAttribute("advised", evening.advised);
        model.addAttribute("best", evening.best);
        model.addAttribute("drawing", EndsDrawing.of(planned, List.of(evening.alone.ends(), evening.advised.ends())));
        model.addAttribute(
                "happened",
                evening.happenings.stream()
                        .map(happening -> said(planned, happening))
                        .toList());
        model.addAttribute(
                "taken",
                evening.advised.taken().stream()
                        .map(reply -> said(planned, reply))
                        .toList());
        model.addAttribute(
                "bestTaken",
                evening.best.taken().stream().map(reply -> said(planned, reply)).toList());
        return "air/evening";
    }

    /** Begins a rehearsal in which somebody plays along. */
    @PostMapping("/classes/{id}/rehearsals")
    String rehearse(
            @PathVariable("id") long id,
            @RequestParam("seed") long seed,
            @RequestParam(value = "plays", required = false) Set<Role> plays,
            @RequestParam(value = "speed", defaultValue = "5") int speed,
            Principal who) {
        PlannedClass planned = pages.planned(id);
        if (!planned.plan().possible()) {
            throw new NotFoundException();
        }
        Set<Role> played = plays == null || plays.isEmpty() ? Set.of() : EnumSet.copyOf(plays);
        Run run = runs.rehearse(id, planned, seed, played, Math.max(0, Math.min(Pace.FASTEST, speed)), who.getName());
        String screen = played.contains(Role.HOST) || played.isEmpty() ? "host" : "assistant";
        return "redirect:/classes/%d/air/%s?run=%d".formatted(id, screen, run.number());
    }

    @PostMapping("/classes/{id}/rehearsals/{run}/remove")
    String remove(@PathVariable("id") long id, @PathVariable("run") long run) {
        runs.remove(new Run(id, run));
        return "redirect:/classes/%d/air/practice".formatted(id);
    }

    /** How a rehearsal went, minute by minute. */
    @GetMapping("/classes/{id}/rehearsals/{run}")
    String report(@PathVariable("id") long id, @PathVariable("run") long number, Model model) {
        pages.open(id, Station.AIR, model);
        Run run = new Run(id, number);
        Rehearsal rehearsal = runs.rehearsal(run).orElseThrow(NotFoundException::new);
        PlannedClass planned = desk.planned(run);
        SimulatedKitchen kitchen = desk.kitchen(run, planned, rehearsal);
        List<AirEvent> events = store.events(run);
        Report report = Report.of(kitchen, events, runs.moment(run, Duration.ZERO));
        Practice ideal = best.of(
                id,
                planned,
                rehearsal.seed(),
                () -> Practice.best(planned.cooking(), planned.plan(), rehearsal.seed()));
        CookingClass cooking = planned.cooking();
        model.addAttribute("rehearsal", rehearsal);
        model.addAttribute("report", report);
        model.addAttribute(
                "over",
                kitchen.order().at(events, runs.moment(run, Duration.ZERO)).over());
        model.addAttribute("best", ideal);
        model.addAttribute("unbeaten", report.isUnbeatenBy(ideal));
        model.addAttribute("airEnd", planned.plan().airEnd());
        model.addAttribute(
                "drawing",
                EndsDrawing.of(
                        planned,
                        List.of(
                                report.minutes().stream()
                                        .map(Report.Minute::end)
                                        .toList(),
                                ideal.ends())));
        model.addAttribute(
                "happened",
                kitchen.happenings().stream()
                        .map(happening -> said(planned, happening))
                        .toList());
        model.addAttribute(
                "bestTaken",
                ideal.taken().stream().map(reply -> said(planned, reply)).toList());
        model.addAttribute(
                "minutes",
                report.minutes().stream()
                        .map(minute -> new Told(
                                minute.at(),
                                minute.end(),
                                minute.events().stream()
                                        .map(event -> said(cooking, event))
                                        .toList()))
                        .toList());
        model.addAttribute(
                "early",
                report.early().stream()
                        .map(off -> new Off(Experience.title(cooking, off.key()), off.seconds()))
                        .toList());
        model.addAttribute(
                "waited",
                report.left().stream()
                        .map(off -> new Off(Experience.title(cooking, off.key()), off.seconds()))
                        .toList());
        return "air/report";
    }

    private String say(String code, Object... arguments) {
        return messages.getMessage(code, arguments, Locale.ENGLISH);
    }

    /** Whole minutes, upwards: nobody rehearses by the second. */
    private String minutes(int seconds) {
        return figures.time((seconds + 59) / 60 * 60);
    }

    private String said(PlannedClass planned, Happening happening) {
        String about = happening.kind() == Happening.Mishap.BURNT_TRAY
                ? Experience.title(planned.cooking(), happening.about())
                : happening.about();
        return say("practice." + happening.kind(), minutes(happening.at()), minutes(happening.seconds()), about);
    }

    private String said(PlannedClass planned, Reply reply) {
        String title = reply.key().isEmpty()
                ? reply.text().replaceFirst(".*/", "")
                : Experience.title(planned.cooking(), reply.key());
        return say("air.help." + reply.means(), title) + " " + say("air.gain", minutes(reply.gain())) + " "
                + say("air.cost." + reply.means());
    }

    private String said(CookingClass cooking, AirEvent event) {
        return say("report.event." + EventFile.word(event.what()), about(cooking, event.what()));
    }

    private static String about(CookingClass cooking, Happened what) {
        if (what instanceof Question question) {
            return question.text();
        }
        if (what instanceof Note note) {
            return note.text();
        }
        return what instanceof Drop drop
                ? drop.component().replaceFirst(".*/", "")
                : Experience.title(cooking, what.activity());
    }
}
