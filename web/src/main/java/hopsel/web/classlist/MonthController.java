package hopsel.web.classlist;

import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StoredClass;
import hopsel.web.house.HouseStore;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Classes by the month, a week in each row. */
@Controller
class MonthController {

    private static final int WEEK = 7;

    private final ClassStore classes;
    private final HouseStore houses;
    private final Clock clock;

    MonthController(ClassStore classes, HouseStore houses, Clock clock) {
        this.classes = classes;
        this.houses = houses;
        this.clock = clock;
    }

    /**
     * A day of the page.
     *
     * @param inMonth whether it is one of the month, and not of the weeks at its ends
     */
    record Day(LocalDate date, boolean inMonth, boolean today, List<StoredClass> classes) {}

    @GetMapping("/classes/month")
    String month(@RequestParam(value = "of", defaultValue = "") String of, Model model) {
        LocalDate today =
                LocalDate.ofInstant(clock.instant(), houses.now().zone().orElseGet(ZoneId::systemDefault));
        YearMonth month = month(of, YearMonth.from(today));
        Map<LocalDate, List<StoredClass>> byDay = classes.entries().stream()
                .flatMap(entry -> classes.readable(entry.id()).stream())
                .collect(Collectors.groupingBy(one -> one.cooking().startsAt().toLocalDate()));
        model.addAttribute("month", month);
        model.addAttribute("weeks", weeks(month, houses.now().weekStart(), byDay, today));
        return "classes/month";
    }

    private static YearMonth month(String said, YearMonth usual) {
        try {
            return said.isEmpty() ? usual : YearMonth.parse(said);
        } catch (DateTimeParseException e) {
            return usual;
        }
    }

    private static List<List<Day>> weeks(
            YearMonth month, DayOfWeek first, Map<LocalDate, List<StoredClass>> byDay, LocalDate today) {
        List<List<Day>> weeks = new ArrayList<>();
        LocalDate start = month.atDay(1).with(TemporalAdjusters.previousOrSame(first));
        for (LocalDate week = start; !week.isAfter(month.atEndOfMonth()); week = week.plusDays(WEEK)) {
            LocalDate from = week;
            weeks.add(IntStream.range(0, WEEK)
                    .mapToObj(from::plusDays)
                    .map(day -> new Day(
                            day,
                            YearMonth.from(day).equals(month),
                            day.equals(today),
                            byDay.getOrDefault(day, List.of())))
                    .toList());
        }
        return weeks;
    }
}
