package hopsel.web.log;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.log.LeftOver;
import hopsel.core.log.LeftOver.Went;
import hopsel.core.log.Served;
import hopsel.core.planned.PlannedClass;
import hopsel.web.air.Experience;
import hopsel.web.air.Experience.Evening;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.handout.WordsStore;
import hopsel.web.log.Closings.Shelf;
import hopsel.web.plan.ClassPages;

import org.springframework.context.MessageSource;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.math.BigDecimal;
import java.security.Principal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Closing a class: who was served what, what was left over and where it went, and the pantry. */
@Controller
class ClosingController {

    private final ClassPages pages;
    private final Experience experience;
    private final ClosingStore store;
    private final WordsStore words;
    private final Closings closings;
    private final MessageSource messages;
    private final EveningLessons teaching;

    ClosingController(
            ClassPages pages,
            Experience experience,
            ClosingStore store,
            WordsStore words,
            Closings closings,
            MessageSource messages,
            EveningLessons teaching) {
        this.pages = pages;
        this.experience = experience;
        this.store = store;
        this.words = words;
        this.closings = closings;
        this.messages = messages;
        this.teaching = teaching;
    }

    /** What can be left of a dish, as the form has it. */
    public record Row(Dish dish, String portions, String went, String useBy, LocalDate good) {}

    @GetMapping("/classes/{id}/air/close")
    String page(@PathVariable("id") long id, Model model) {
        PlannedClass planned = pages.open(id, Station.AIR, model);
        evening(id);
        Map<String, Set<String>> served = store.closed(id).isPresent() ? store.served(id) : Served.expected(planned);
        Map<String, LeftOver> left = new LinkedHashMap<>();
        store.left(id).forEach(one -> left.put(one.dish(), one));
        fill(
                id,
                planned,
                served,
                planned.cooking().dishes().stream()
                        .map(dish -> row(id, planned, dish, Optional.ofNullable(left.get(dish.id()))))
                        .toList(),
                model);
        return "log/close";
    }

    private Evening evening(long id) {
        return experience.evening(id).orElseThrow(NotFoundException::new);
    }

    private void fill(long id, PlannedClass planned, Map<String, Set<String>> served, List<Row> rows, Model model) {
        store.closed(id).ifPresent(closed -> model.addAttribute("closed", closed));
        model.addAttribute("served", served);
        model.addAttribute("refused", Served.refused(planned));
        model.addAttribute("rows", rows);
        model.addAttribute("wents", Went.values());
        model.addAttribute("from", "close");
        teaching.fill(id, planned, model);
    }

    private Row row(long id, PlannedClass planned, Dish dish, Optional<LeftOver> left) {
        LocalDate good = LeftOver.goodUntil(planned.cooking(), words.words(id).dish(dish.id()));
        return new Row(
                dish,
                left.map(one -> one.portions().stripTrailingZeros().toPlainString())
                        .orElse(""),
                left.map(one -> one.went().name()).orElse(Went.SHELF.name()),
                left.flatMap(LeftOver::useBy).orElse(good).toString(),
                good);
    }

    @PostMapping("/classes/{id}/air/close")
    ModelAndView close(
            @PathVariable("id") long id,
            @RequestParam MultiValueMap<String, String> fields,
            Principal who,
            Model model,
            RedirectAttributes next) {
        PlannedClass planned = pages.planned(id);
        evening(id);
        CookingClass cooking = planned.cooking();
        Map<String, List<String>> ticked = new HashMap<>();
        cooking.attendees()
                .forEach(attendee ->
                        ticked.put(attendee.id(), fields.getOrDefault("served-" + attendee.id(), List.of())));
        Map<String, Set<String>> served = Served.said(cooking, ticked);
        try {
            List<LeftOver> left = new ArrayList<>();
            for (Dish dish : cooking.dishes()) {
                left(new Entered(fields.toSingleValueMap()), dish).ifPresent(left::add);
            }
            Shelf shelf = closings.close(id, planned, served, left, who.getName());
            List<String> told =
                    new ArrayList<>(List.of(messages.getMessage("close.done." + shelf, null, Locale.ENGLISH)));
            left.stream().filter(one -> one.useBy().isPresent()).forEach(one -> late(id, planned, one)
                    .ifPresent(told::add));
            next.addFlashAttribute("toldLines", told);
            return new ModelAndView("redirect:/classes/%d/air/log".formatted(id));
        } catch (BadEntryException e) {
            pages.open(id, Station.AIR, model);
            fill(
                    id,
                    planned,
                    served,
                    cooking.dishes().stream()
                            .map(dish -> typed(id, planned, dish, fields.toSingleValueMap()))
                            .toList(),
                    model);
            model.addAttribute("warnedLines", List.of("%s %s".formatted(name(cooking, e.field()), e.getMessage())));
            return new ModelAndView("log/close", model.asMap(), HttpStatus.UNPROCESSABLE_CONTENT);
        }
    }

    private Row typed(long id, PlannedClass planned, Dish dish, Map<String, String> fields) {
        Row row = row(id, planned, dish, Optional.empty());
        return new Row(
                dish,
                fields.getOrDefault("left-" + dish.id(), ""),
                fields.getOrDefault("went-" + dish.id(), row.went),
                fields.getOrDefault("use-by-" + dish.id(), row.useBy),
                row.good);
    }

    private static Optional<LeftOver> left(Entered in, Dish dish) throws BadEntryException {
        Optional<BigDecimal> portions = in.number("left-" + dish.id());
        if (portions.isPresent() && portions.get().signum() < 0) {
            throw new BadEntryException(
                    "left-" + dish.id(), "is below 0. Write how many portions are left, or nothing.");
        }
        Went went = in.choice("went-" + dish.id(), Went.values(), Went::name);
        String day = in.text("use-by-" + dish.id()).orElse("");
        try {
            Optional<LocalDate> useBy =
                    day.isEmpty() || went != Went.SHELF ? Optional.empty() : Optional.of(LocalDate.parse(day));
            return portions.filter(number -> number.signum() > 0)
                    .map(number -> new LeftOver(dish.id(), number, went, useBy));
        } catch (DateTimeException e) {
            throw new BadEntryException(
                    "use-by-" + dish.id(), "is “%s”, which isn't a date. Write it like 2027-02-13.".formatted(day));
        }
    }

    private Optional<String> late(long id, PlannedClass planned, LeftOver left) {
        Dish dish = planned.cooking().dish(left.dish());
        LocalDate good = LeftOver.goodUntil(planned.cooking(), words.words(id).dish(dish.id()));
        return left.useBy()
                .filter(day -> day.isAfter(good))
                .map(day -> "“%s” is saved as good until %s; it usually keeps until %s."
                        .formatted(dish.title(), day, good));
    }

    private static String name(CookingClass cooking, String field) {
        String kind;
        if (field.startsWith("left-")) {
            kind = "What is left of";
        } else if (field.startsWith("went-")) {
            kind = "The left-overs of";
        } else {
            kind = "The day of";
        }
        return cooking.dishes().stream()
                .filter(dish -> field.endsWith("-" + dish.id()))
                .findFirst()
                .map(dish -> "%s “%s”".formatted(kind, dish.title()))
                .orElse(field);
    }
}
