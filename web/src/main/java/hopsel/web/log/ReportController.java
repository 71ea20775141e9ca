package hopsel.web.log;

import hopsel.core.item.Catalogue;
import hopsel.core.log.AirLog.Wrong;
import hopsel.core.log.ClassReport;
import hopsel.core.measure.Decimals;
import hopsel.formats.table.Table;
import hopsel.web.air.Experience;
import hopsel.web.air.Experience.Evening;
import hopsel.web.frame.Download;
import hopsel.web.provision.PantryClosing;
import hopsel.web.provision.ShelfStore;

import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Over all classes that were on air: guests, cost and fees, waste, how well the plans held, and what goes wrong. */
@Controller
class ReportController {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    private final Experience experience;
    private final ClosingStore closings;
    private final ShelfStore shelf;
    private final PantryClosing pantry;

    ReportController(Experience experience, ClosingStore closings, ShelfStore shelf, PantryClosing pantry) {
        this.experience = experience;
        this.closings = closings;
        this.shelf = shelf;
        this.pantry = pantry;
    }

    /** A class with its figures. */
    public record Line(long id, ClassReport report) {}

    /** What went wrong with a dish, or of a kind. */
    public record Gathered(String what, List<String> said) {}

    private List<Line> lines(List<Evening> evenings) {
        Catalogue prices = pantry.prices();
        return evenings.stream()
                .map(evening -> new Line(
                        evening.id(),
                        ClassReport.of(
                                evening.planned(),
                                evening.log(),
                                prices,
                                shelf.fee(evening.id()),
                                closings.left(evening.id()))))
                .toList();
    }

    @GetMapping("/reports")
    String reports(Model model) {
        List<Evening> evenings = experience.evenings();
        model.addAttribute("lines", lines(evenings));
        model.addAttribute("ovens", experience.ovens());
        Map<String, List<String>> byDish = new TreeMap<>();
        Map<String, List<String>> byKind = new TreeMap<>();
        for (Evening evening : evenings) {
            for (Wrong wrong : evening.log().wrong()) {
                String said = experience.sentence(evening, wrong);
                byKind.computeIfAbsent(wrong.kind().name(), any -> new ArrayList<>())
                        .add(said);
                evening.planned().cooking().dishes().stream()
                        .filter(dish -> dish.id().equals(wrong.dish()))
                        .findFirst()
                        .ifPresent(dish -> byDish.computeIfAbsent(dish.title(), any -> new ArrayList<>())
                                .add(said));
            }
        }
        model.addAttribute("byDish", gathered(byDish));
        model.addAttribute("byKind", gathered(byKind));
        return "log/reports";
    }

    private static List<Gathered> gathered(Map<String, List<String>> said) {
        return said.entrySet().stream()
                .map(entry -> new Gathered(entry.getKey(), entry.getValue()))
                .toList();
    }

    @GetMapping("/reports.csv")
    ResponseEntity<byte[]> csv() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(
                "day",
                "class",
                "guests",
                "planned minutes",
                "minutes",
                "steps timed",
                "steps within their range, %",
                "ingredients used",
                "ingredients bought",
                "fees",
                "left of the fees",
                "thrown away, g",
                "thrown away, cost",
                "went wrong"));
        lines(experience.evenings()).forEach(line -> {
            ClassReport one = line.report();
            rows.add(List.of(
                    one.day().toString(),
                    one.title(),
                    String.valueOf(one.guests()),
                    minutes(one.planned()),
                    minutes(one.actual()),
                    String.valueOf(one.steps()),
                    one.steps() == 0
                            ? ""
                            : Decimals.plain(BigDecimal.valueOf(Math.round(one.held() * HUNDRED.intValue())))
                                    .toPlainString(),
                    money(one.used()),
                    money(one.bought()),
                    one.income().map(ReportController::money).orElse(""),
                    one.margin().map(ReportController::money).orElse(""),
                    Decimals.plain(Decimals.tenths(one.thrown())).toPlainString(),
                    money(one.waste()),
                    String.valueOf(one.wrong())));
        });
        return Download.text("reports.csv", "csv", Table.write(rows));
    }

    private static String minutes(int seconds) {
        return Decimals.plain(Decimals.tenths(Decimals.ratio(BigDecimal.valueOf(seconds), BigDecimal.valueOf(60))))
                .toPlainString();
    }

    private static String money(BigDecimal amount) {
        return Decimals.money(amount).toPlainString();
    }
}
