package hopsel.web.kit;

import hopsel.core.classes.Posting;
import hopsel.core.classes.Provision;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;
import hopsel.web.plan.PlanDesk;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.math.BigDecimal;
import java.security.Principal;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** How a class is packed: bags mixed for several kits, packs as they are sold, or each bag weighed by itself. */
@Controller
class PackingWayController {

    private static final BigDecimal MOST = BigDecimal.valueOf(100);
    private static final int MOST_DAYS = 60;

    private final PlanDesk plans;
    private final ClassChanges changes;

    PackingWayController(PlanDesk plans, ClassChanges changes) {
        this.plans = plans;
        this.changes = changes;
    }

    /** Bags are mixed for several kits, or each is weighed by itself. */
    @PostMapping("/classes/{id}/packing/mixed")
    String mix(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam("mixed") boolean mixed,
            Principal who,
            RedirectAttributes next) {
        StoredClass stored = stored(id);
        Provision wanted = stored.cooking().provision().withMixed(mixed);
        String said = mixed ? "bags are mixed" : "bags are weighed one by one";
        if (keep(stored, version, wanted, who, said, next)) {
            next.addFlashAttribute("told", mixed ? "packing.mix.on" : "packing.mix.off");
        }
        return page(id);
    }

    /** Packs are handed out as they are sold, as long as kits become no dearer than so many percent; or none is. */
    @PostMapping("/classes/{id}/packing/as-sold")
    String sold(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam Map<String, String> fields,
            Principal who,
            RedirectAttributes next) {
        Way way = new Way("sold", "packs are handed out as they are sold", "no pack is handed out as it is sold");
        return change(
                id,
                version,
                fields,
                way,
                who,
                next,
                (now, in) -> now.withAsSoldPercent(percent(in)),
                now -> now.withAsSoldPercent(Optional.empty()));
    }

    /** Kits go out by post, so many days before the class; or guests fetch them. */
    @PostMapping("/classes/{id}/packing/post")
    String post(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam Map<String, String> fields,
            Principal who,
            RedirectAttributes next) {
        Way way = new Way("post", "kits go out by post", "kits are fetched");
        return change(
                id,
                version,
                fields,
                way,
                who,
                next,
                (now, in) -> now.withPosting(posting(in)),
                now -> now.withPosting(Optional.empty()));
    }

    /** A way that can be chosen and left again: the key of its words, and what the history says of both. */
    private record Way(String key, String on, String off) {}

    /** What a class wants, with what was typed. */
    private interface Typed {
        Provision in(Provision now, Entered in) throws BadEntryException;
    }

    private String change(
            long id,
            int version,
            Map<String, String> fields,
            Way way,
            Principal who,
            RedirectAttributes next,
            Typed typed,
            UnaryOperator<Provision> left) {
        StoredClass stored = stored(id);
        Provision now = stored.cooking().provision();
        boolean stop = fields.containsKey("stop");
        try {
            Provision wanted = stop ? left.apply(now) : typed.in(now, new Entered(fields));
            if (keep(stored, version, wanted, who, stop ? way.off : way.on, next)) {
                next.addFlashAttribute("told", "packing.%s.%s".formatted(way.key, stop ? "off" : "on"));
            }
        } catch (BadEntryException e) {
            next.addFlashAttribute("wrongWay", way.key);
            next.addFlashAttribute("wrongField", e.field());
            next.addFlashAttribute("wrong", e.getMessage());
            next.addFlashAttribute("typed", fields);
        }
        return page(id);
    }

    private static Optional<Posting> posting(Entered in) throws BadEntryException {
        return Optional.of(new Posting(days(in, "handed"), days(in, "carrier"), days(in, "abroad")));
    }

    private static int days(Entered in, String field) throws BadEntryException {
        BigDecimal days = in.number(field)
                .orElseThrow(() -> new BadEntryException(field, "is empty. Type a whole number of days, 1 or more."));
        if (days.stripTrailingZeros().scale() > 0
                || days.signum() <= 0
                || days.compareTo(BigDecimal.valueOf(MOST_DAYS)) > 0) {
            throw new BadEntryException(field, "has to be a whole number of days, from 1 to %d.".formatted(MOST_DAYS));
        }
        return days.intValueExact();
    }

    private static Optional<BigDecimal> percent(Entered in) throws BadEntryException {
        BigDecimal percent = in.number("percent")
                .orElseThrow(() -> new BadEntryException(
                        "percent", "is empty. Write 0 if packs may cost nothing more, or 5 for 5 %."));
        if (percent.signum() < 0 || percent.compareTo(MOST) > 0) {
            throw new BadEntryException("percent", "has to be from 0 to 100.");
        }
        return Optional.of(percent);
    }

    private StoredClass stored(long id) {
        return plans.find(id).orElseThrow(NotFoundException::new).stored();
    }

    private boolean keep(
            StoredClass stored, int version, Provision wanted, Principal who, String said, RedirectAttributes next) {
        try {
            changes.change(
                    stored.id(), version, stored.cooking().withProvision(wanted), stored.wishes(), who.getName(), said);
            return true;
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
            return false;
        }
    }

    private static String page(long id) {
        return "redirect:/classes/%d/packing".formatted(id);
    }
}
