package hopsel.web.provision;

import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.measure.Decimals;
import hopsel.core.provision.Pantry;
import hopsel.core.provision.Pantry.Movement;
import hopsel.core.provision.Pantry.Turnover;
import hopsel.formats.table.Table;
import hopsel.web.catalogue.HouseCatalogue;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The pantry: what is there, and every movement that made it so. */
@Controller
class PantryController {

    private static final int SHOWN = 200;
    private static final int MOST_ROWS = 2000;

    private final ShelfStore store;
    private final HouseCatalogue house;
    private final Clock clock;

    PantryController(ShelfStore store, HouseCatalogue house, Clock clock) {
        this.store = store;
        this.house = house;
        this.clock = clock;
    }

    @GetMapping("/pantry")
    String pantry(Model model) {
        model.addAttribute("pantry", store.pantry());
        model.addAttribute("ledger", store.lastMovements(SHOWN));
        model.addAttribute("catalogue", house.now());
        model.addAttribute("today", LocalDate.now(clock));
        return "provision/pantry";
    }

    /** Something comes in, goes out, or is counted. */
    @PostMapping("/pantry")
    ModelAndView move(@RequestParam Map<String, String> fields, RedirectAttributes next, Principal who, Model model) {
        Entered in = new Entered(fields);
        try {
            List<Movement> movements = movements(in);
            store.move(movements, null, who.getName(), in.text("reason").orElse(""));
            next.addFlashAttribute("toldLines", List.of("Written down."));
            return new ModelAndView("redirect:/pantry");
        } catch (BadEntryException e) {
            pantry(model);
            model.addAttribute("typed", fields);
            model.addAttribute("wrongField", e.field());
            model.addAttribute("wrong", e.getMessage());
            return new ModelAndView("provision/pantry", model.asMap(), HttpStatus.UNPROCESSABLE_CONTENT);
        }
    }

    private List<Movement> movements(Entered in) throws BadEntryException {
        Turnover kind = in.choice("kind", Turnover.values(), Turnover::name);
        Item item = item(in.must("item"));
        BigDecimal grams = in.number("grams")
                .filter(value -> value.signum() > 0 || kind == Turnover.COUNTED && value.signum() == 0)
                .orElseThrow(
                        () -> new BadEntryException("grams", "is empty or below zero. Weigh it, and write grams."));
        Optional<LocalDate> useBy = date(in, "use-by");
        boolean opened = in.isChecked("opened");
        String batch = in.text("batch").orElse(useBy.map(LocalDate::toString).orElse("shelf"));
        Pantry pantry = store.pantry();
        return switch (kind) {
            case BOUGHT, LEFT_OVER -> List.of(new Movement(kind, item.id(), batch, grams, useBy, opened));
            case COUNTED -> {
                if (in.text("reason").isEmpty()) {
                    throw new BadEntryException("reason", "is empty. Say why the count is different.");
                }
                yield List.of(pantry.count(item.id(), batch, grams, useBy, opened));
            }
            case USED, THROWN_AWAY -> {
                if (pantry.grams(item.id()).compareTo(grams) < 0) {
                    throw new BadEntryException(
                            "grams",
                            "is more than the %s g that are there. Count it first, if there is more."
                                    .formatted(Decimals.plain(pantry.grams(item.id()))
                                            .toPlainString()));
                }
                yield pantry.take(item.id(), grams).stream()
                        .map(out -> new Movement(kind, out.item(), out.batch(), out.grams(), out.useBy(), out.opened()))
                        .toList();
            }
        };
    }

    private Item item(String said) throws BadEntryException {
        Catalogue catalogue = house.now();
        String wanted = said.strip().toLowerCase(Locale.ROOT);
        return catalogue
                .find(said.strip())
                .or(() -> catalogue.items().stream()
                        .filter(item -> item.name().toLowerCase(Locale.ROOT).equals(wanted)
                                || item.practice().names().stream().anyMatch(name -> name.toLowerCase(Locale.ROOT)
                                        .equals(wanted)))
                        .findFirst())
                .orElseThrow(() -> new BadEntryException(
                        "item",
                        ("is “%s”, which isn't in the catalogue. Choose one from the list, or add it to the "
                                        + "catalogue first.")
                                .formatted(said)));
    }

    private static Optional<LocalDate> date(Entered in, String field) throws BadEntryException {
        Optional<String> text = in.text(field);
        try {
            return text.map(LocalDate::parse);
        } catch (DateTimeException e) {
            throw new BadEntryException(
                    field, "is “%s”, which isn't a date. Write it like 2027-02-13.".formatted(text.orElse("")));
        }
    }

    @GetMapping("/pantry.csv")
    ResponseEntity<byte[]> csv() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("item", "name", "batch", "grams", "use by", "opened"));
        store.pantry()
                .batches()
                .forEach(batch -> rows.add(List.of(
                        batch.item(),
                        house.now().find(batch.item()).map(Item::name).orElse(batch.item()),
                        batch.name(),
                        Decimals.plain(Decimals.tenths(batch.grams())).toPlainString(),
                        batch.useBy().map(LocalDate::toString).orElse(""),
                        batch.opened() ? "yes" : "")));
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("pantry.csv")
                                .build()
                                .toString())
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(Table.write(rows).getBytes(StandardCharsets.UTF_8));
    }

    /**
     * A counted shelf from a spreadsheet: each row is a count. A row that is not understood is named, and none is
     * taken.
     */
    @PostMapping("/pantry/table")
    String table(@RequestParam("table") String table, RedirectAttributes next, Principal who) {
        List<String> wrong = new ArrayList<>();
        List<Movement> counted = new ArrayList<>();
        Pantry pantry = store.pantry();
        try {
            List<Map<String, String>> rows = Table.read(table);
            for (int i = 0; i < Math.min(MOST_ROWS, rows.size()); i++) {
                Entered in = new Entered(rows.get(i));
                try {
                    Item item = item(in.must("item"));
                    BigDecimal grams = in.number("grams")
                            .filter(value -> value.signum() >= 0)
                            .orElseThrow(() -> new BadEntryException("grams", "is empty or below zero."));
                    Optional<LocalDate> useBy = date(in, "use by");
                    counted.add(pantry.count(
                            item.id(),
                            in.text("batch")
                                    .orElse(useBy.map(LocalDate::toString).orElse("shelf")),
                            grams,
                            useBy,
                            in.text("opened").isPresent()));
                } catch (BadEntryException e) {
                    wrong.add("Row %d: %s %s".formatted(i + 2, e.field(), e.getMessage()));
                }
            }
        } catch (IOException e) {
            wrong.add("This table has no header row. The first line should be: item, grams, use by, opened.");
        }
        if (wrong.isEmpty() && !counted.isEmpty()) {
            store.move(counted, null, who.getName(), "counted, from a table");
            next.addFlashAttribute("toldLines", List.of("%d counts saved.".formatted(counted.size())));
        } else {
            next.addFlashAttribute("warnedLines", wrong.isEmpty() ? List.of("It has no rows.") : wrong);
            next.addFlashAttribute("typedTable", table);
        }
        return "redirect:/pantry";
    }
}
