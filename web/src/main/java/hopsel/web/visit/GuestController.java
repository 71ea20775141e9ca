package hopsel.web.visit;

import hopsel.core.advice.Beforehand;
import hopsel.core.classes.CookingClass;
import hopsel.core.diet.DishCheck;
import hopsel.core.diet.OwnMenu;
import hopsel.core.dish.Dish;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Contact;
import hopsel.core.guest.Particulars;
import hopsel.core.item.Catalogue;
import hopsel.core.kit.AtHome;
import hopsel.core.kit.Packing;
import hopsel.core.mise.HomeTools;
import hopsel.core.planned.PlannedClass;
import hopsel.formats.calendar.CalendarFile;
import hopsel.formats.calendar.CalendarFile.Entry;
import hopsel.web.classes.Guests.Waiting;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.Figures;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.OwnAddress;
import hopsel.web.guest.AttendeeForm;
import hopsel.web.guest.AttendeeWords;
import hopsel.web.guest.GuestFields;
import hopsel.web.guest.GuestStore;
import hopsel.web.guest.GuestStore.Guest;
import hopsel.web.guest.HouseRules;
import hopsel.web.guest.ParticularsStore;
import hopsel.web.guest.SignupStore;
import hopsel.web.handout.EditionStore;
import hopsel.web.handout.HandoutDesk;
import hopsel.web.handout.HandoutDesk.Written;
import hopsel.web.handout.HandoutPdf;
import hopsel.web.handout.HandoutPdf.Paper;
import hopsel.web.plan.PlanDesk;
import hopsel.web.post.PostOffice;
import hopsel.web.post.Reminders;
import hopsel.web.tick.LabelsRead;
import hopsel.web.vote.VoteStore;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What one attendee needs to know, and nothing of anybody else. */
@Controller
class GuestController {

    private static final Duration WARNING = Duration.ofMinutes(15);

    private final OwnAddress address;
    private final GuestStore store;
    private final SignupStore signups;
    private final ParticularsStore particulars;
    private final HouseRules rules;
    private final LabelsRead labels;
    private final VoteStore votes;
    private final AttendeeWords words;
    private final PlanDesk desk;
    private final HandoutPdf pdf;
    private final HandoutDesk handouts;
    private final EditionStore editions;
    private final Figures figures;
    private final Catalogue builtIn;
    private final Clock clock;
    private final Reminders reminders;

    GuestController(
            OwnAddress address,
            GuestStore store,
            SignupStore signups,
            ParticularsStore particulars,
            HouseRules rules,
            LabelsRead labels,
            VoteStore votes,
            AttendeeWords words,
            PlanDesk desk,
            HandoutPdf pdf,
            HandoutDesk handouts,
            EditionStore editions,
            Figures figures,
            Catalogue builtIn,
            Clock clock,
            Reminders reminders) {
        this.reminders = reminders;
        this.address = address;
        this.store = store;
        this.signups = signups;
        this.particulars = particulars;
        this.rules = rules;
        this.labels = labels;
        this.votes = votes;
        this.words = words;
        this.desk = desk;
        this.pdf = pdf;
        this.handouts = handouts;
        this.editions = editions;
        this.figures = figures;
        this.builtIn = builtIn;
        this.clock = clock;
    }

    /** A class as one attendee sees it. */
    private record Seen(long id, PlannedClass planned, Attendee attendee, boolean waiting) {

        ZoneId zone() {
            return attendee.zone().orElse(planned.cooking().zone());
        }

        boolean over(Clock clock) {
            return planned.cooking()
                    .clock(Math.max(
                            planned.plan().airEnd(),
                            planned.cooking().airMinutes().seconds()))
                    .toInstant()
                    .isBefore(clock.instant());
        }
    }

    /** Nothing of such a page stays behind in caches, other sites' logs or search engines. */
    static void keepPrivate(HttpServletResponse response) {
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cache-Control", "no-store");
        response.setHeader("X-Robots-Tag", "noindex");
    }

    private Seen open(String token, HttpServletResponse response) {
        keepPrivate(response);
        Guest guest = store.opened(token).orElseThrow(NotFoundException::new);
        PlannedClass planned =
                desk.find(guest.classId()).orElseThrow(NotFoundException::new).whole();
        return planned.cooking().attendees().stream()
                .filter(attendee -> attendee.id().equals(guest.attendee()))
                .findFirst()
                .map(attendee -> new Seen(guest.classId(), planned, attendee, false))
                .or(() -> signups.waiting(guest.classId()).stream()
                        .map(Waiting::attendee)
                        .filter(attendee -> attendee.id().equals(guest.attendee()))
                        .findFirst()
                        .map(attendee -> new Seen(guest.classId(), planned, attendee, true)))
                .orElseThrow(NotFoundException::new);
    }

    @GetMapping("/guest/{token}")
    String page(@PathVariable("token") String token, HttpServletResponse response, Model model) {
        fill(open(token, response), token, model);
        return "guest/guest";
    }

    /** A guest is reminded by mail, or not any more. */
    @PostMapping("/guest/{token}/reminders")
    String reminders(
            @PathVariable("token") String token,
            @RequestParam("wanted") boolean wanted,
            HttpServletResponse response,
            RedirectAttributes next) {
        Seen seen = open(token, response);
        reminders.want(seen.id, seen.attendee.id(), wanted);
        next.addFlashAttribute("told", wanted ? "guest.reminders.on" : "guest.reminders.off");
        return "redirect:/guest/%s#reminders".formatted(token);
    }

    private void fill(Seen seen, String token, Model model) {
        CookingClass cooking = seen.planned.cooking();
        model.addAttribute("token", token);
        model.addAttribute("waiting", seen.waiting);
        Particulars known = particulars.of(seen.id).getOrDefault(seen.attendee.id(), Particulars.UNKNOWN);
        model.addAttribute(
                "reminded",
                PostOffice.isAddress(Contact.mail(known.contact()))
                        ? reminders.wanted(seen.id, seen.attendee.id())
                        : null);
        model.addAttribute("known", known);
        model.addAttribute("shown", GuestFields.shown(seen.attendee, known, seen.planned.catalogue()));
        model.addAttribute("signup", signups.of(seen.id));
        model.addAttribute("open", signups.of(seen.id).takes(cooking, clock.instant()));
        JoinController.choices(model, rules);
        model.addAttribute("cooking", cooking);
        model.addAttribute("catalogue", seen.planned.catalogue());
        model.addAttribute("attendee", seen.attendee);
        model.addAttribute("zone", seen.zone());
        seen.planned.kits().stream()
                .filter(kit -> kit.attendee().id().equals(seen.attendee.id()))
                .findFirst()
                .ifPresent(kit -> {
                    model.addAttribute("kit", kit);
                    Packing packing = Packing.of(
                            cooking, builtIn, seen.planned.kits(), seen.planned.shopping(), seen.planned.sold());
                    model.addAttribute("packing", packing);
                    cooking.provision()
                            .posting()
                            .filter(posting -> known.delivery() != Particulars.Delivery.PICK_UP)
                            .ifPresent(posting -> model.addAttribute(
                                    "kitComes",
                                    posting.arrives(
                                            cooking.startsAt().toLocalDate(),
                                            cooking.zone(),
                                            seen.attendee.zone().orElse(cooking.zone()))));
                    packing.of(seen.attendee.id()).ifPresent(kind -> model.addAttribute("portions", kind.portions()));
                });
        model.addAttribute("home", AtHome.of(cooking, builtIn, seen.attendee));
        model.addAttribute("unsure", unsure(seen));
        model.addAttribute("tasks", Beforehand.of(cooking, seen.planned.plan()));
        model.addAttribute(
                "tools",
                cooking.style().cookAlong()
                        ? HomeTools.of(cooking, seen.planned.plan(), known.equipment())
                        : List.of());
        model.addAttribute("past", seen.over(clock) && !seen.waiting);
        model.addAttribute("ideas", votes.ideas());
        votes.vote(seen.id, seen.attendee.id()).ifPresent(mine -> model.addAttribute("mine", mine));
        model.addAttribute(
                "released", handouts.released(seen.id, seen.attendee.id()).isPresent());
    }

    /** Titles of dishes of which nobody can say yet that they suit somebody who cannot have something. */
    private List<String> unsure(Seen seen) {
        if (!seen.attendee.isCareful()) {
            return List.of();
        }
        CookingClass cooking = seen.planned.cooking();
        OwnMenu menu = OwnMenu.of(cooking, builtIn);
        Set<String> read = labels.of(seen.id);
        return cooking.dishes().stream()
                .filter(dish -> !DishCheck.of(menu.own(dish, seen.attendee), seen.planned.catalogue(), read)
                        .isSure(seen.attendee, menu.used(dish, seen.attendee)))
                .map(Dish::title)
                .toList();
    }

    /** A guest says anew what they avoid; kit, shopping and handout follow. */
    @PostMapping("/guest/{token}")
    String change(
            @PathVariable("token") String token,
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletResponse response,
            Model model) {
        Seen seen = open(token, response);
        CookingClass cooking = seen.planned.cooking();
        Entered in = new Entered(JoinController.joined(typed));
        try {
            if (!typed.containsKey(GuestFields.SHOWN)) {
                throw new BadEntryException(
                        "time", "ran out before everything arrived here. Nothing was changed. Press Save again.");
            }
            if (!signups.of(seen.id).takes(cooking, clock.instant())) {
                throw new BadEntryException("time", "is over: kits are being packed. Tell the host yourself.");
            }
            Catalogue catalogue = seen.planned.catalogue();
            AttendeeForm form = new AttendeeForm(cooking, catalogue, rules.all());
            signups.change(seen.id, seen.attendee.id(), catalogue, (before, known) -> {
                Entered merged = GuestFields.merged(in, "", GuestFields.of(before, known, catalogue), before.name());
                Attendee said = form.attendee(merged, "", before.id(), before.name());
                Attendee changed = said.withZone(said.zone().or(before::zone)).withGets(before.gets());
                return new AttendeeForm.Row(changed, AttendeeForm.particulars(merged, ""));
            });
            return "redirect:/guest/" + token;
        } catch (BadEntryException e) {
            fill(seen, token, model);
            model.addAttribute("wrong", words.wrong(e));
            model.addAttribute("typed", typed.toSingleValueMap());
            model.addAttribute("ticked", typed.getOrDefault("tick", List.of()));
            model.addAttribute("tickedRather", typed.getOrDefault("tick-rather", List.of()));
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return "guest/guest";
        }
    }

    /** A guest who cannot come. */
    @PostMapping("/guest/{token}/leave")
    String leave(@PathVariable("token") String token, HttpServletResponse response, Model model) {
        Seen seen = open(token, response);
        signups.leave(seen.id, seen.attendee.id());
        model.addAttribute("cooking", seen.planned.cooking());
        return "guest/left";
    }

    /** One vote for a coming class; it can be changed. */
    @PostMapping("/guest/{token}/vote")
    String vote(@PathVariable("token") String token, @RequestParam("idea") long idea, HttpServletResponse response) {
        Seen seen = open(token, response);
        votes.vote(seen.id, seen.attendee.id(), idea);
        return "redirect:/guest/" + token + "#vote";
    }

    /** How it was, once it is over. */
    @PostMapping("/guest/{token}/rating")
    String rate(
            @PathVariable("token") String token,
            @RequestParam("stars") int stars,
            @RequestParam(value = "remark", defaultValue = "") String remark,
            HttpServletResponse response) {
        Seen seen = open(token, response);
        if (!seen.over(clock) || seen.waiting) {
            throw new NotFoundException();
        }
        votes.rate(seen.id, seen.attendee.id(), stars, remark);
        return "redirect:/guest/" + token + "#rating";
    }

    @GetMapping("/guest/{token}/calendar.ics")
    ResponseEntity<byte[]> calendar(@PathVariable("token") String token, HttpServletResponse response) {
        Seen seen = open(token, response);
        CookingClass cooking = seen.planned.cooking();
        List<Entry> entries = new ArrayList<>();
        for (Beforehand.Task task : Beforehand.of(cooking, seen.planned.plan())) {
            String title = task.place()
                    .map(place -> "%s: %s"
                            .formatted(place, figures.heatAtHome(task.celsius().orElseThrow())))
                    .orElseGet(() -> cooking.step(task.step()).title());
            entries.add(new Entry(
                    "%s-%s-%s@hopsel"
                            .formatted(task.kind(), task.step().toString().replace('/', '-'), task.earlier()),
                    cooking.clock(task.latest()),
                    Duration.ofSeconds(Math.max(60, task.seconds())),
                    title,
                    task.place().isPresent() ? "" : cooking.step(task.step()).instruction(),
                    WARNING));
        }
        entries.add(new Entry(
                "on-air@hopsel",
                cooking.onAir(),
                Duration.ofSeconds(cooking.airMinutes().seconds()),
                cooking.title(),
                "",
                WARNING));
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
                .body(CalendarFile.write(seen.zone(), entries, clock.instant()).getBytes(StandardCharsets.UTF_8));
    }

    private Written handout(Seen seen, Model model) {
        if (!seen.attendee.gets().handout()) {
            throw new NotFoundException();
        }
        Written written = handouts.released(seen.id, seen.attendee.id()).orElseThrow(NotFoundException::new);
        editions.released(seen.id).ifPresent(edition -> {
            editions.got(seen.id, seen.attendee.id(), edition.number());
            model.addAttribute("edition", edition);
        });
        return written;
    }

    /** The handout, once an edition of it is released: who cooks along has it beside the pan. */
    @GetMapping("/guest/{token}/handout.pdf")
    ResponseEntity<byte[]> handout(
            @PathVariable("token") String token,
            @RequestParam(value = "paper", defaultValue = "A4") Paper paper,
            HttpServletResponse response,
            Model model) {
        Seen seen = open(token, response);
        String own = address.of("/guest/" + token);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .body(pdf.render(seen.id, handout(seen, model), paper, false, Optional.of(own)));
    }

    /** The same as a page, for cooking along. */
    @GetMapping("/guest/{token}/handout")
    String handoutPage(@PathVariable("token") String token, HttpServletResponse response, Model model) {
        Seen seen = open(token, response);
        Written written = handout(seen, model);
        model.addAttribute("token", token);
        model.addAttribute("cooking", written.cooking());
        model.addAttribute("handout", written.handout());
        model.addAttribute("words", written.matters().words());
        model.addAttribute("changes", written.changes());
        model.addAttribute("catalogue", written.catalogue());
        return "guest/handout";
    }

    /** The same in an open format. */
    @GetMapping("/guest/{token}/handout.{format:md|txt|jsonld}")
    ResponseEntity<byte[]> handout(
            @PathVariable("token") String token,
            @PathVariable("format") String format,
            HttpServletResponse response,
            Model model) {
        return handouts.open(handout(open(token, response), model), format);
    }

    /** A picture in it. */
    @GetMapping("/guest/{token}/pictures/{picture}")
    ResponseEntity<byte[]> picture(
            @PathVariable("token") String token, @PathVariable("picture") long number, HttpServletResponse response) {
        return handouts.picture(open(token, response).id, number);
    }
}
