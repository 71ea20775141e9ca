package hopsel.web.classlist;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.item.Item;
import hopsel.web.bench.BenchStore;
import hopsel.web.catalogue.HouseCatalogue;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.Figures;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;

/** Finds classes, recipes, guests and ingredients by words of their names, with or without accents. */
@Controller
class SearchController {

    private static final int SHORTEST = 2;
    private static final int MOST = 40;

    private final ClassStore classes;
    private final BenchStore bench;
    private final HouseCatalogue catalogue;
    private final Figures figures;

    SearchController(ClassStore classes, BenchStore bench, HouseCatalogue catalogue, Figures figures) {
        this.figures = figures;
        this.classes = classes;
        this.bench = bench;
        this.catalogue = catalogue;
    }

    /**
     * Something that was found.
     *
     * @param address of its page
     * @param name what it is called
     * @param more where it stands
     */
    record Found(String address, String name, String more) {}

    @GetMapping("/search")
    String search(@RequestParam(value = "q", defaultValue = "") String asked, HttpServletRequest request, Model model) {
        String words = asked.strip();
        model.addAttribute("q", words);
        model.addAttribute("tooShort", words.length() < SHORTEST);
        if (words.length() >= SHORTEST) {
            List<StoredClass> all = classes.entries().stream()
                    .flatMap(entry -> classes.readable(entry.id()).stream())
                    .toList();
            model.addAttribute(
                    "foundClasses",
                    first(all.stream()
                            .filter(one -> isIn(words, names(one.cooking())))
                            .map(one -> new Found(
                                    "/classes/" + one.id(), one.cooking().title(), day(one)))));
            model.addAttribute(
                    "foundRecipes",
                    first(bench.all().stream()
                            .filter(one ->
                                    isIn(words, Stream.of(one.sheet().dish().title())))
                            .map(one -> new Found(
                                    "/bench/" + one.id(), one.sheet().dish().title(), ""))));
            model.addAttribute(
                    "foundGuests",
                    request.isUserInRole("HOST") ? first(all.stream().flatMap(one -> guests(words, one))) : List.of());
            model.addAttribute(
                    "foundItems",
                    first(catalogue.now().items().stream()
                            .filter(item -> isIn(
                                    words, Stream.concat(Stream.of(item.name()), item.practice().names().stream())))
                            .map(item -> new Found("/catalogue?q=" + item.id(), item.name(), uses(item, all)))));
        }
        return "classes/search";
    }

    private static List<Found> first(Stream<Found> found) {
        return found.limit(MOST).toList();
    }

    private static Stream<String> names(CookingClass cooking) {
        return Stream.concat(
                Stream.of(cooking.title()), cooking.dishes().stream().map(Dish::title));
    }

    private Stream<Found> guests(String words, StoredClass one) {
        return one.cooking().attendees().stream()
                .filter(guest -> isIn(words, Stream.of(guest.name())))
                .map(guest -> new Found(
                        "/classes/%d/people".formatted(one.id()),
                        guest.name(),
                        one.cooking().title() + ", " + day(one)));
    }

    private String day(StoredClass one) {
        return figures.date(one.cooking().startsAt().toLocalDate());
    }

    private static String uses(Item item, List<StoredClass> all) {
        Set<String> titles = new LinkedHashSet<>();
        all.stream()
                .flatMap(one -> one.cooking().dishes().stream())
                .filter(dish -> dish.lines().anyMatch(line -> line.item().equals(item.id())))
                .forEach(dish -> titles.add(dish.title()));
        return String.join(", ", titles);
    }

    /** Whether every word is in one of the names. */
    private static boolean isIn(String words, Stream<String> names) {
        List<String> wanted = Arrays.asList(plain(words).split(" +"));
        return names.map(SearchController::plain)
                .anyMatch(name -> wanted.stream().allMatch(word -> (" " + name).contains(" " + word)));
    }

    private static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT);
    }
}
