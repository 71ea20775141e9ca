package hopsel.web.provision;

import hopsel.core.item.Catalogue;
import hopsel.web.frame.AllOrNothing;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.math.BigDecimal;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Where things are bought and for how much, what attendees pay, the link for the shop, and settling the pantry
 * afterwards.
 */
@Controller
class ShelfController {

    private final ShoppingDesk desk;
    private final ShelfStore store;
    private final PantryClosing closing;
    private final Clock clock;
    private final AllOrNothing all;

    ShelfController(ShoppingDesk desk, ShelfStore store, PantryClosing closing, Clock clock, AllOrNothing all) {
        this.all = all;
        this.desk = desk;
        this.store = store;
        this.closing = closing;
        this.clock = clock;
    }

    @PostMapping("/classes/{id}/shelf")
    String shelf(
            @PathVariable("id") long id,
            @RequestParam("item") String item,
            @RequestParam Map<String, String> fields,
            RedirectAttributes next,
            Principal who) {
        Entered in = new Entered(fields);
        try {
            Catalogue catalogue = desk.planned(id).catalogue();
            if (catalogue.find(item).isEmpty()) {
                throw new NotFoundException();
            }
            all.of(() -> {
                if (fields.containsKey("shop")) {
                    store.put(
                            item,
                            new ShelfStore.Shelf(
                                    in.text("shop").orElse(""),
                                    in.text("aisle").orElse(""),
                                    in.whole("lead-days", 0, 90).orElse(0)));
                }
                Optional<BigDecimal> grams = in.positive("grams");
                Optional<BigDecimal> price = in.number("price");
                if (grams.isPresent() && price.isPresent()) {
                    store.price(
                            item,
                            in.text("shop").orElse(""),
                            grams.get(),
                            price.get().max(BigDecimal.ZERO),
                            LocalDate.now(clock),
                            who.getName());
                }
            });
        } catch (BadEntryException e) {
            next.addFlashAttribute("warnedLines", List.of("%s %s".formatted(e.field(), e.getMessage())));
        }
        return "redirect:/classes/%d/shopping#item-%s".formatted(id, item);
    }

    @PostMapping("/classes/{id}/fee")
    String fee(@PathVariable("id") long id, @RequestParam Map<String, String> fields, RedirectAttributes next) {
        try {
            store.fee(id, new Entered(fields).number("fee").map(fee -> fee.max(BigDecimal.ZERO)));
        } catch (BadEntryException e) {
            next.addFlashAttribute("warnedLines", List.of("The fee " + e.getMessage()));
        }
        return "redirect:/classes/%d/shopping".formatted(id);
    }

    /** The class is over: what was bought came in, what was used goes out, the rest stays on the shelf. */
    @PostMapping("/classes/{id}/settle")
    String settle(@PathVariable("id") long id, RedirectAttributes next, Principal who) {
        boolean done = closing.settle(id, who.getName());
        next.addFlashAttribute(
                done ? "toldLines" : "warnedLines",
                List.of(
                        done
                                ? "Stock closed out. What is left over is in the pantry."
                                : "This class's stock was already closed out."));
        return "redirect:/classes/%d/shopping".formatted(id);
    }

    @PostMapping("/classes/{id}/shop-link")
    String link(
            @PathVariable("id") long id,
            @RequestParam(value = "withdraw", defaultValue = "false") boolean withdraw,
            RedirectAttributes next,
            Principal who) {
        desk.planned(id);
        if (withdraw) {
            store.withdraw(id);
        } else {
            next.addFlashAttribute("link", "/shop/" + store.link(id, who.getName()));
        }
        return "redirect:/classes/%d/shopping".formatted(id);
    }
}
