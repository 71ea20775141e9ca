package hopsel.web.catalogue;

import hopsel.core.item.Conversion;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.measure.Measures;
import hopsel.core.recipe.LineReader;
import hopsel.core.recipe.ReadLine;
import hopsel.core.recipe.Slug;
import hopsel.formats.classfile.FaultyFileException;

import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** The catalogue of ingredients, to look through, add to and override. */
@Controller
class CatalogueController {

    private static final int ON_A_PAGE = 30;

    private final HouseCatalogue house;
    private final ItemForm form;
    private final ItemFaults faults;
    private final KnownAtLast answers;

    CatalogueController(HouseCatalogue house, ItemForm form, ItemFaults faults, KnownAtLast answers) {
        this.house = house;
        this.answers = answers;
        this.form = form;
        this.faults = faults;
    }

    @GetMapping("/catalogue")
    String look(
            @RequestParam(value = "q", defaultValue = "") String asked,
            @RequestParam(value = "item", defaultValue = "") String id,
            @RequestParam(value = "page", defaultValue = "1") int page,
            @RequestParam(value = "line", defaultValue = "") String line,
            @RequestParam(value = "measures", defaultValue = "metric") String measures,
            @RequestParam(value = "new", defaultValue = "") String fresh,
            @RequestParam(value = "new-id", defaultValue = "") String freshId,
            Model model) {
        fill(model, asked, page);
        if (!line.isBlank()) {
            Measures cups = Measures.of(measures).orElse(Measures.METRIC);
            ReadLine read = new LineReader(house.now(), cups).read(line.length() > 300 ? line.substring(0, 300) : line);
            model.addAttribute(
                    "conversions",
                    read.item()
                            .flatMap(item -> read.grams().map(grams -> Conversion.of(item, grams, cups, house.now())))
                            .orElse(List.of()));
        }
        model.addAttribute("line", line);
        model.addAttribute("measures", measures);
        if (!fresh.isBlank()) {
            model.addAttribute("entered", Map.of("name", fresh, "id", freshId.isBlank() ? Slug.of(fresh) : freshId));
            model.addAttribute("adding", fresh);
        }
        house.now().find(id).ifPresent(item -> model.addAttribute("entered", form.of(item)));
        return "catalogue/catalogue";
    }

    private void fill(Model model, String asked, int page) {
        String words = asked.strip().toLowerCase(Locale.ROOT);
        List<Item> found = house.now().items().stream()
                .filter(item -> words.isEmpty()
                        || item.id().contains(words)
                        || item.name().toLowerCase(Locale.ROOT).contains(words)
                        || item.practice().names().stream()
                                .anyMatch(name -> name.toLowerCase(Locale.ROOT).contains(words)))
                .toList();
        Set<String> own = house.own().stream().map(Item::id).collect(Collectors.toSet());
        model.addAttribute("asked", asked);
        int pages = Math.max(1, (found.size() + ON_A_PAGE - 1) / ON_A_PAGE);
        int at = Math.max(1, Math.min(page, pages));
        model.addAttribute(
                "found",
                found.subList(Math.min(found.size(), (at - 1) * ON_A_PAGE), Math.min(found.size(), at * ON_A_PAGE)));
        model.addAttribute("count", found.size());
        model.addAttribute("page", at);
        model.addAttribute("pages", pages);
        model.addAttribute("own", own);
        model.addAttribute("all", house.now().items().size());
        model.addAttribute("traits", Trait.values());
    }

    @PostMapping("/catalogue")
    ModelAndView put(@RequestParam Map<String, String> fields, RedirectAttributes next) {
        String id = fields.getOrDefault("id", "").strip();
        String name = fields.getOrDefault("name", "").strip();
        boolean there = id.isEmpty()
                && house.now().items().stream().anyMatch(item -> item.name().equalsIgnoreCase(name));
        if (there) {
            return again(fields, List.of(faults.there(name)), "name");
        }
        Map<String, String> named = new HashMap<>(fields);
        // Nobody has to think of a name for machines; who opened an ingredient changes that one.
        named.put(
                "id",
                id.isEmpty() ? Slug.free(name, own -> house.now().find(own).isPresent()) : id);
        try {
            Item put = house.put(form.document(named));
            List<String> told = new ArrayList<>(List.of("Saved."));
            told.addAll(answers.of(put));
            next.addFlashAttribute("toldLines", told);
            return new ModelAndView("redirect:/catalogue?q=" + URLEncoder.encode(put.id(), StandardCharsets.UTF_8));
        } catch (FaultyFileException e) {
            return again(fields, faults.said(e.findings(), fields), faults.field(e.findings()));
        }
    }

    /** The page once more with all that was typed. */
    private ModelAndView again(Map<String, String> fields, List<String> wrong, String field) {
        ModelAndView page = new ModelAndView("catalogue/catalogue", HttpStatus.UNPROCESSABLE_CONTENT);
        Model model = new ExtendedModelMap();
        fill(model, "", 1);
        page.addAllObjects(model.asMap());
        page.addObject("entered", fields);
        page.addObject("warnedLines", wrong);
        page.addObject("wrongField", field);
        return page;
    }

    @PostMapping("/catalogue/remove")
    String remove(@RequestParam("id") String id, RedirectAttributes next) {
        house.remove(id);
        next.addFlashAttribute("told", "catalogue.removed");
        return "redirect:/catalogue";
    }
}
