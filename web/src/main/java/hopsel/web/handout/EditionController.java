package hopsel.web.handout;

import hopsel.core.classes.CookingClass;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Contact;
import hopsel.core.guest.Particulars;
import hopsel.core.handout.Statements;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.Guests;
import hopsel.web.frame.AllOrNothing;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.OwnAddress;
import hopsel.web.frame.Station;
import hopsel.web.guest.GuestStore;
import hopsel.web.guest.ParticularsStore;
import hopsel.web.handout.EditionStore.Edition;
import hopsel.web.handout.EditionStore.Matters;
import hopsel.web.handout.EditionStore.State;
import hopsel.web.plan.ClassPages;
import hopsel.web.post.PostOffice;

import com.github.difflib.text.DiffRow;
import com.github.difflib.text.DiffRowGenerator;
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
import java.util.Map;
import java.util.Optional;

/**
 * Draft, review, release: what changed since the last edition is shown to a second pair of eyes, and told to those who
 * have the old one.
 */
@Controller
class EditionController {

    private final OwnAddress address;
    private final ClassPages pages;
    private final ClassStore classes;
    private final EditionStore editions;
    private final HandoutDesk desk;
    private final GuestStore guests;
    private final ParticularsStore particulars;
    private final PostOffice post;
    private final AllOrNothing all;
    private final Guests room;

    EditionController(
            OwnAddress address,
            ClassPages pages,
            ClassStore classes,
            EditionStore editions,
            HandoutDesk desk,
            GuestStore guests,
            ParticularsStore particulars,
            PostOffice post,
            AllOrNothing all,
            Guests room) {
        this.room = room;
        this.all = all;
        this.address = address;
        this.pages = pages;
        this.classes = classes;
        this.editions = editions;
        this.desk = desk;
        this.guests = guests;
        this.particulars = particulars;
        this.post = post;
    }

    private static String back(long id) {
        return "redirect:/classes/%d/handouts".formatted(id);
    }

    /** Sends the draft to review; what has no mark yet stays in the draft. */
    @PostMapping("/classes/{id}/handouts/editions")
    String send(
            @PathVariable("id") long id,
            @RequestParam(value = "note", defaultValue = "") String note,
            Principal who,
            RedirectAttributes next) {
        Matters draft = editions.draft(id);
        List<String> unmarked = Statements.unmarked(draft.cooking(), draft.words());
        if (!unmarked.isEmpty()) {
            next.addFlashAttribute(
                    "warnedLines",
                    unmarked.stream()
                            .map(sentence -> "Say first what kind of statement this is: “%s”".formatted(sentence))
                            .toList());
            return "redirect:/classes/%d/handouts/words#marks".formatted(id);
        }
        if (editions.open(id).isPresent()) {
            next.addFlashAttribute("warned", "edition.open");
            return back(id);
        }
        editions.send(id, note.substring(0, Math.min(1000, note.length())), who.getName());
        return "redirect:/classes/%d/handouts/review".formatted(id);
    }

    /**
     * What changed for somebody.
     *
     * @param rows lines as they were and as they are; marked by what happened to them
     */
    public record Changed(String name, List<DiffRow> rows) {}

    @GetMapping("/classes/{id}/handouts/review")
    String review(@PathVariable("id") long id, Principal who, Model model) {
        pages.open(id, Station.HANDOUTS, model);
        Edition open = editions.open(id).orElseThrow(NotFoundException::new);
        Optional<Edition> before = editions.released(id);
        model.addAttribute("edition", open);
        model.addAttribute("mine", open.madeBy().equals(who.getName()));
        before.ifPresent(edition -> model.addAttribute("before", edition));
        Matters now = editions.in(id, open.number());
        Optional<Matters> then = before.map(edition -> editions.in(id, edition.number()));
        List<Changed> changed = new ArrayList<>();
        changed.add(new Changed(
                "",
                rows(
                        then.map(matters -> desk.plain(desk.write(matters, HandoutDesk.anybody(matters.cooking()))))
                                .orElse(""),
                        desk.plain(desk.write(now, HandoutDesk.anybody(now.cooking()))))));
        for (Attendee attendee : now.cooking().attendees()) {
            if (attendee.gets().handout()) {
                List<DiffRow> rows = rows(
                        then.flatMap(matters -> plain(matters, attendee.id())).orElse(""),
                        desk.plain(desk.write(now, attendee)));
                changed.add(new Changed(attendee.name(), rows));
            }
        }
        model.addAttribute(
                "changed", changed.stream().filter(own -> !own.rows.isEmpty()).toList());
        return "handout/review";
    }

    private Optional<String> plain(Matters matters, String attendee) {
        return matters.cooking().attendees().stream()
                .filter(own -> own.id().equals(attendee))
                .findFirst()
                .map(own -> desk.plain(desk.write(matters, own)));
    }

    /** Only lines that differ. */
    private static List<DiffRow> rows(String before, String after) {
        return DiffRowGenerator.create()
                .build()
                .generateDiffRows(before.lines().toList(), after.lines().toList())
                .stream()
                .filter(row -> row.getTag() != DiffRow.Tag.EQUAL)
                .filter(row -> !row.getOldLine().isBlank() || !row.getNewLine().isBlank())
                .toList();
    }

    /** Somebody else has looked it over. */
    @PostMapping("/classes/{id}/handouts/review")
    String reviewed(
            @PathVariable("id") long id,
            @RequestParam("number") int number,
            @RequestParam("action") String action,
            Principal who,
            RedirectAttributes next) {
        Edition open =
                editions.open(id).filter(edition -> edition.number() == number).orElseThrow(NotFoundException::new);
        if (action.equals("back")) {
            editions.advance(id, number, open.state(), State.TAKEN_BACK, who.getName());
        } else if (open.madeBy().equals(who.getName())) {
            next.addFlashAttribute("warned", "edition.own");
        } else {
            editions.advance(id, number, State.REVIEW, State.REVIEWED, who.getName());
        }
        return back(id);
    }

    /** Releases what was reviewed; those who have an older edition, and for whom something changed, are told what. */
    @PostMapping("/classes/{id}/handouts/release")
    String release(
            @PathVariable("id") long id,
            @RequestParam("number") int number,
            @RequestParam(value = "alone", defaultValue = "") String alone,
            RedirectAttributes next) {
        all.of(() -> released(id, number, alone.isEmpty() ? State.REVIEWED : State.REVIEW, next));
        return back(id);
    }

    private void released(long id, int number, State from, RedirectAttributes next) {
        room.lock(id);
        Map<String, Integer> have = editions.sent(id);
        if (!editions.advance(id, number, from, State.RELEASED, null)) {
            next.addFlashAttribute("warned", "edition.not-reviewed");
            return;
        }
        Matters now = editions.in(id, number);
        Map<String, Particulars> known = particulars.of(id);
        int told = 0;
        for (Attendee attendee : now.cooking().attendees()) {
            Integer old = have.get(attendee.id());
            if (old != null && old < number && attendee.gets().handout()) {
                List<DiffRow> rows = rows(
                        plain(editions.in(id, old), attendee.id()).orElse(""), desk.plain(desk.write(now, attendee)));
                String address = Contact.mail(
                        known.getOrDefault(attendee.id(), Particulars.UNKNOWN).contact());
                if (!rows.isEmpty()
                        && PostOffice.isAddress(address)
                        && post.send(
                                id,
                                attendee.id(),
                                address,
                                "A correction to your handout: " + now.cooking().title(),
                                correction(id, now.cooking(), attendee, rows))) {
                    editions.got(id, attendee.id(), number);
                    told++;
                }
            }
        }
        next.addFlashAttribute(
                "toldLines",
                List.of(
                        switch (told) {
                            case 0 -> "Released.";
                            case 1 -> "Released. One was told what changed.";
                            default -> "Released. %d were told what changed.".formatted(told);
                        }));
    }

    private String correction(long id, CookingClass cooking, Attendee attendee, List<DiffRow> rows) {
        StringBuilder body =
                new StringBuilder("Something in your handout was wrong, or has become better. This changed:\n\n");
        for (DiffRow row : rows) {
            body.append(
                            row.getOldLine().isBlank()
                                    ? ""
                                    : "before: " + row.getOldLine().strip() + "\n")
                    .append(
                            row.getNewLine().isBlank()
                                    ? ""
                                    : "now:    " + row.getNewLine().strip() + "\n")
                    .append('\n');
        }
        return body.append("Your handout as it is now: ")
                .append(link(id, cooking, attendee))
                .append('\n')
                .toString();
    }

    private String link(long id, CookingClass cooking, Attendee attendee) {
        return address.of("/guest/" + guests.link(id, cooking, attendee.id()));
    }

    /** Sends the released edition to everybody who has an address and does not have it yet. */
    @PostMapping("/classes/{id}/handouts/send")
    String sendOut(@PathVariable("id") long id, RedirectAttributes next) {
        all.of(() -> sentOut(id, next));
        return back(id);
    }

    private void sentOut(long id, RedirectAttributes next) {
        // Whoever presses at the same moment finds that everybody has theirs.
        room.lock(id);
        Edition edition = editions.released(id).orElseThrow(NotFoundException::new);
        CookingClass cooking =
                classes.find(id).orElseThrow(NotFoundException::new).cooking();
        Map<String, Integer> have = editions.sent(id);
        Map<String, Particulars> known = particulars.of(id);
        int sent = 0;
        List<String> told = new ArrayList<>();
        for (Attendee attendee : editions.in(id, edition.number()).cooking().attendees()) {
            String address = Contact.mail(
                    known.getOrDefault(attendee.id(), Particulars.UNKNOWN).contact());
            if (!attendee.gets().handout() || have.getOrDefault(attendee.id(), 0) == edition.number()) {
                continue;
            }
            if (!PostOffice.isAddress(address)) {
                told.add("%s has no e-mail address: print it, or give them the link.".formatted(attendee.name()));
            } else if (post.send(
                    id,
                    attendee.id(),
                    address,
                    "Your handout: " + cooking.title(),
                    ("Thank you for cooking with us. Your handout, for your servings and what you "
                                    + "avoid:\n\n%s\n\nThe link is yours alone; it lives until 30 days after the "
                                    + "class.\n")
                            .formatted(link(id, cooking, attendee)))) {
                editions.got(id, attendee.id(), edition.number());
                sent++;
            } else {
                told.add("%s: the letter came back.".formatted(attendee.name()));
            }
        }
        told.add(0, sent == 1 ? "One handout was sent." : "%d handouts were sent.".formatted(sent));
        next.addFlashAttribute("toldLines", told);
    }
}
