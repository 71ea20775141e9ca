package hopsel.web.post;

import hopsel.core.advice.Beforehand;
import hopsel.core.advice.Reminder;
import hopsel.core.classes.CookingClass;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Contact;
import hopsel.core.guest.Particulars;
import hopsel.core.plan.Plan;
import hopsel.web.frame.AllOrNothing;
import hopsel.web.frame.Figures;
import hopsel.web.frame.OwnAddress;
import hopsel.web.guest.GuestStore;
import hopsel.web.guest.ParticularsStore;
import hopsel.web.plan.PlanDesk;
import hopsel.web.plan.PlanDesk.Planned;

import org.springframework.context.MessageSource;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Reminds guests of a class by mail, once for the day it is on, unless they do not want that. */
@Component
public class Reminders {

    private final PlanDesk desk;
    private final ParticularsStore particulars;
    private final GuestStore links;
    private final ReminderMapper mapper;
    private final PostOffice post;
    private final OwnAddress address;
    private final Figures figures;
    private final MessageSource messages;
    private final AllOrNothing all;
    private final Clock clock;

    Reminders(
            PlanDesk desk,
            ParticularsStore particulars,
            GuestStore links,
            ReminderMapper mapper,
            PostOffice post,
            OwnAddress address,
            Figures figures,
            MessageSource messages,
            AllOrNothing all,
            Clock clock) {
        this.desk = desk;
        this.particulars = particulars;
        this.links = links;
        this.mapper = mapper;
        this.post = post;
        this.address = address;
        this.figures = figures;
        this.messages = messages;
        this.all = all;
        this.clock = clock;
    }

    /** Whether a guest is reminded. */
    public boolean wanted(long id, String attendee) {
        return !mapper.isOff(id, attendee).orElse(false);
    }

    /** A guest is reminded, or not any more. */
    public void want(long id, String attendee, boolean wanted) {
        mapper.know(id, attendee);
        mapper.off(id, attendee, !wanted);
    }

    /** Writes the letters that are due. */
    @Scheduled(
            fixedDelayString = "${hopsel.reminders-every:600000}",
            initialDelayString = "${hopsel.reminders-every:60000}")
    public void remind() {
        Instant now = clock.instant();
        List<Planned> coming = desk.ready().stream()
                .filter(own -> own.stored().cooking().onAir().toInstant().isAfter(now))
                .toList();
        coming.forEach(this::remind);
    }

    private void remind(Planned planned) {
        long id = planned.stored().id();
        CookingClass cooking = planned.stored().cooking();
        Map<String, Particulars> known = particulars.of(id);
        for (Attendee attendee : cooking.attendees()) {
            ZoneId zone = attendee.zone().orElse(cooking.zone());
            String mail = Contact.mail(
                    known.getOrDefault(attendee.id(), Particulars.UNKNOWN).contact());
            Instant due = Reminder.due(cooking, planned.whole().plan(), zone).toInstant();
            if (PostOffice.isAddress(mail) && !due.isAfter(clock.instant())) {
                all.of(() -> remind(id, cooking, planned.whole().plan(), attendee, mail));
            }
        }
    }

    private void remind(long id, CookingClass cooking, Plan plan, Attendee attendee, String mail) {
        mapper.know(id, attendee.id());
        // Whoever has a letter of today knows of the class.
        if (mapper.claim(id, attendee.id(), cooking.startsAt()) == 0 || post.today(mail)) {
            return;
        }
        ZoneId zone = attendee.zone().orElse(cooking.zone());
        String page = address.of("/guest/" + links.link(id, cooking, attendee.id()));
        String when = word(
                "letter.remind.when",
                cooking.title(),
                figures.dayIn(cooking, zone),
                figures.clockIn(cooking, 0, zone),
                zone.getId());
        String work = Beforehand.of(cooking, plan).stream()
                .findFirst()
                .map(task -> "\n\n"
                        + word(
                                "letter.remind.before",
                                figures.titleOf(cooking, task.step()),
                                figures.clockIn(cooking, task.latest(), zone)))
                .orElse("");
        post.send(new Letter(
                id,
                attendee.id(),
                mail,
                word("letter.remind.subject", cooking.title(), figures.dayIn(cooking, zone)),
                when + work + "\n\n" + word("letter.remind.page") + "\n\n" + page + "\n\n" + word("letter.remind.stop"),
                page + "#reminders"));
    }

    private String word(String key, Object... values) {
        return messages.getMessage(key, values, Locale.ENGLISH);
    }
}
