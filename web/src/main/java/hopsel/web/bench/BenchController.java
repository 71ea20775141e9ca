package hopsel.web.bench;

import hopsel.core.bench.Colleague;
import hopsel.core.bench.DishTimes;
import hopsel.core.bench.Draft;
import hopsel.core.bench.Edits;
import hopsel.core.bench.HouseStyle;
import hopsel.core.bench.KitchenAnswers;
import hopsel.core.bench.KitchenAnswers.Settled;
import hopsel.core.bench.Notes;
import hopsel.core.bench.RefusedEditException;
import hopsel.core.bench.SharedBase;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.measure.Measures;
import hopsel.core.recipe.DishProposal;
import hopsel.core.recipe.SeveralRecipes;
import hopsel.core.recipe.Slug;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.recipefile.RecipeFile;
import hopsel.formats.recipefile.RecipeText;
import hopsel.formats.recipefile.RecipeText.NoTextException;
import hopsel.formats.recipefile.SchemaOrgWriter;
import hopsel.web.bench.BenchStore.StaleDishException;
import hopsel.web.bench.BenchStore.StoredDish;
import hopsel.web.catalogue.HouseCatalogue;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;

import jakarta.servlet.http.HttpSession;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;

/** The dishes on the bench, and the working page of each. */
@Controller
class BenchController {

    private static final int LONGEST_RECIPE = 100_000;
    /** The answer that each recipe of a text is to be a dish of its own. */
    private static final String EACH = "each";

    private static final String VIEW = "bench.view";
    private static final List<String> VIEWS = List.of("time", "flow");

    private static final MediaType JSON_LD = MediaType.parseMediaType("application/ld+json;charset=UTF-8");

    private final BenchStore store;
    private final BenchActions actions;
    private final HouseCatalogue house;
    private final ClassStore classes;
    private final IntoClass intoClass;
    private final NewClass newClass;
    private final HostStyle style;
    private final Lessons lessons;
    private final RecipeLinks links;
    private final BroughtMany many;
    private final KitchenMemory memory;

    BenchController(
            BenchStore store,
            BenchActions actions,
            HouseCatalogue house,
            ClassStore classes,
            IntoClass intoClass,
            NewClass newClass,
            HostStyle style,
            Lessons lessons,
            RecipeLinks links,
            BroughtMany many,
            KitchenMemory memory) {
        this.many = many;
        this.memory = memory;
        this.store = store;
        this.actions = actions;
        this.house = house;
        this.classes = classes;
        this.intoClass = intoClass;
        this.newClass = newClass;
        this.style = style;
        this.lessons = lessons;
        this.links = links;
    }

    @GetMapping("/bench")
    String list(Model model, Principal who) {
        model.addAttribute(
                "dishes",
                store.all().stream()
                        .map(dish -> new Card(
                                dish,
                                DishTimes.of(dish.sheet().dish()),
                                Colleague.gate(dish.sheet(), house.now()).size()))
                        .toList());
        model.addAttribute("broken", store.broken());
        model.addAttribute("measures", Measures.values());
        model.addAttribute(
                "shared",
                SharedBase.of(store.all().stream().map(StoredDish::sheet).toList(), house.now()));
        model.addAttribute("matters", HouseStyle.Matter.values());
        model.addAttribute("style", style.of(who.getName()));
        model.addAttribute("answers", memory.all());
        return "bench/list";
    }

    @PostMapping("/bench")
    String bringIn(
            @RequestParam(value = "recipe", defaultValue = "") String recipe,
            @RequestParam(value = "file", required = false) @Nullable List<MultipartFile> files,
            @RequestParam(value = "measures", defaultValue = "metric") String measures,
            @RequestParam(value = "which", defaultValue = "") String which,
            Model model,
            RedirectAttributes next,
            Principal who)
            throws IOException {
        List<MultipartFile> handed = Objects.requireNonNullElse(files, List.<MultipartFile>of()).stream()
                .filter(own -> !own.isEmpty())
                .toList();
        if (BroughtMany.isMany(handed)) {
            return many(handed, Measures.of(measures).orElse(Measures.METRIC), who, next);
        }
        MultipartFile file = handed.isEmpty() ? null : handed.get(0);
        String text;
        try {
            text = file == null ? RecipeText.of(recipe) : RecipeText.of(file.getBytes());
        } catch (NoTextException e) {
            model.addAttribute("recipe", recipe);
            model.addAttribute("warned", "bench.refused." + e.refusal());
            return list(model, who);
        }
        if (text.isBlank() || text.length() > LONGEST_RECIPE) {
            model.addAttribute("recipe", recipe);
            model.addAttribute("warned", text.isBlank() ? "bench.empty" : "bench.too-long");
            return list(model, who);
        }
        List<String> recipes = SeveralRecipes.in(text);
        if (recipes.size() > 1 && which.isEmpty()) {
            model.addAttribute("recipe", text);
            model.addAttribute("cups", measures);
            model.addAttribute(
                    "several", recipes.stream().map(BenchController::firstLine).toList());
            return list(model, who);
        }
        Measures cups = Measures.of(measures).orElse(Measures.METRIC);
        if (which.equals(EACH)) {
            recipes.forEach(one -> take(one, cups, who));
            next.addFlashAttribute("told", "bench.several.done");
            return "redirect:/bench";
        }
        boolean one = which.matches("\\d{1,3}") && Integer.parseInt(which) < recipes.size();
        Brought brought = take(one ? recipes.get(Integer.parseInt(which)) : text, cups, who);
        if (!brought.changes.isEmpty()) {
            next.addFlashAttribute("toldLines", brought.changes);
        }
        return "redirect:/bench/%d/read".formatted(brought.id);
    }

    private String many(List<MultipartFile> files, Measures cups, Principal who, RedirectAttributes next)
            throws IOException {
        BroughtMany.Outcome outcome = many.take(files, text -> take(text, cups, who));
        next.addFlashAttribute(
                "toldLines",
                List.of(
                        outcome.taken() == 1
                                ? "1 recipe is on the bench."
                                : "%d recipes are on the bench.".formatted(outcome.taken())));
        if (!outcome.refused().isEmpty()) {
            next.addFlashAttribute("warnedLines", outcome.refused());
        }
        return "redirect:/bench";
    }

    private static String firstLine(String text) {
        return text.lines().findFirst().orElse("").strip();
    }

    /**
     * A recipe that is on the bench now.
     *
     * @param changes what the house style, and what the house always answers, changed in it
     */
    private record Brought(long id, List<String> changes) {}

    private Brought take(String text, Measures cups, Principal who) {
        DishProposal proposal = RecipeFile.read(text, house.now(), cups);
        Settled settled =
                memory.settle(Optional.empty(), Draft.of(proposal, text, cups).staged());
        long id = store.add(settled.sheet(), who.getName(), "brought in");
        List<String> changes = new ArrayList<>(settled.told());
        changes.addAll(style.apply(id, who.getName()));
        return new Brought(id, changes);
    }

    @PostMapping("/bench/style")
    String style(@RequestParam Map<String, String> chosen, RedirectAttributes next, Principal who) {
        style.keep(who.getName(), chosen);
        next.addFlashAttribute("told", "bench.my-style.kept");
        return "redirect:/bench";
    }

    @PostMapping("/bench/answers/forget")
    String forget(
            @RequestParam("what") KitchenAnswers.What what,
            @RequestParam("subject") String subject,
            RedirectAttributes next) {
        memory.forget(what, subject);
        next.addFlashAttribute("told", "bench.answers.forgotten");
        return "redirect:/bench";
    }

    @PostMapping("/bench/new")
    String fromNothing(@RequestParam(value = "title", defaultValue = "") String title, Principal who) {
        String name = title.isBlank()
                ? "A dish without a name"
                : title.strip().substring(0, Math.min(title.strip().length(), 200));
        Dish dish = new Dish(Slug.of(name), name, BigDecimal.valueOf(4), List.of());
        long id = store.add(
                Edited.withFirstComponent(
                        new Draft(dish, List.of(), Measures.METRIC, Notes.NONE.guess(Notes.DISH, "servings"))),
                who.getName(),
                "begun");
        return "redirect:/bench/" + id;
    }

    /** A dish of a class, taken onto the bench as it stands there. */
    @PostMapping("/classes/{class}/dishes/{dish}/bench")
    String ontoTheBench(
            @PathVariable("class") long classId,
            @PathVariable("dish") String dish,
            RedirectAttributes next,
            Principal who) {
        StoredClass stored = classes.find(classId).orElseThrow(NotFoundException::new);
        Dish found = stored.cooking().dishes().stream()
                .filter(own -> own.id().equals(dish))
                .findFirst()
                .orElseThrow(NotFoundException::new);
        Optional<StoredDish> there = found.recipe().flatMap(recipe -> store.ofRecipe(recipe.id()));
        if (there.isPresent()) {
            // One recipe is on the bench once: what is different in the class is shown beside it.
            return "redirect:/classes/%d/dishes/%s/recipe".formatted(classId, dish);
        }
        try {
            long id = links.onto(stored, found, who.getName());
            next.addFlashAttribute("told", "bench.from-class");
            return "redirect:/bench/" + id;
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
            return "redirect:/classes/" + classId;
        }
    }

    /** Which drawing is looked at lasts as long as the visit, so that an edit comes back to it. */
    @GetMapping("/bench/{id}")
    String bench(
            @PathVariable("id") long id,
            @RequestParam("step") Optional<String> step,
            @RequestParam("view") Optional<String> view,
            HttpSession visit,
            Model model) {
        view.filter(VIEWS::contains).ifPresent(chosen -> visit.setAttribute(VIEW, chosen));
        model.addAttribute("view", Objects.requireNonNullElse(visit.getAttribute(VIEW), VIEWS.get(0)));
        open(id, step, model);
        return "bench/bench";
    }

    /** The original beside what was made of it. */
    @GetMapping("/bench/{id}/read")
    String compare(@PathVariable("id") long id, Model model) {
        open(id, Optional.empty(), model);
        return "bench/read";
    }

    private void open(long id, Optional<String> step, Model model) {
        StoredDish stored = store.find(id).orElseThrow(NotFoundException::new);
        model.addAttribute("bench", new BenchView(stored, house.now(), step));
        model.addAttribute("lessons", lessons.of(stored.sheet()));
        model.addAttribute("lastTime", lessons.wrong(stored.sheet()));
        model.addAttribute("history", store.history(id));
        model.addAttribute("matters", HouseStyle.Matter.values());
        model.addAttribute(
                "others", store.all().stream().filter(other -> other.id() != id).toList());
        model.addAttribute("classes", classes.entries());
        model.addAttribute("items", house.now().items());
        model.addAttribute("taken", links.classesOf(stored));
    }

    @PostMapping("/bench/{id}/do")
    ModelAndView act(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam("action") String action,
            @RequestParam Map<String, String> fields,
            RedirectAttributes next,
            Principal who) {
        StoredDish stored = store.find(id).orElseThrow(NotFoundException::new);
        String back = fields.getOrDefault("back", "");
        String step = fields.getOrDefault("pick", fields.getOrDefault("step", ""));
        try {
            Change done = actions.apply(stored, action, fields);
            Change change = done.settled(memory.settle(Optional.of(stored.sheet()), done.sheet()));
            if (!change.sheet().equals(stored.sheet())) {
                store.save(id, version, change, who.getName());
                next.addFlashAttribute("done", change.what());
            }
            change.always().ifPresent(answer -> memory.keep(answer, who.getName()));
            if (!change.told().isEmpty()) {
                next.addFlashAttribute("toldLines", change.told());
            }
            boolean there = change.sheet().step(step).isPresent();
            return new ModelAndView("redirect:/bench/%d%s%s"
                    .formatted(
                            id,
                            back.equals("read") ? "/read" : "",
                            there && !back.equals("read") ? "?step=" + step : ""));
        } catch (StaleDishException e) {
            return refused(stored, "stale", "", fields);
        } catch (BadEntryException e) {
            return refused(stored, e.field(), e.getMessage(), fields);
        } catch (RefusedEditException e) {
            return refused(stored, "", e.getMessage(), fields);
        } catch (NoSuchElementException e) {
            return refused(stored, "", "That isn't there any more. Here is the dish as it is now.", fields);
        }
    }

    /** Says what is wrong and shows what was typed, so that nothing of it is lost. */
    private ModelAndView refused(StoredDish stored, String field, String message, Map<String, String> fields) {
        ModelAndView page = new ModelAndView("bench/refused", HttpStatus.UNPROCESSABLE_CONTENT);
        page.addObject("stored", stored);
        page.addObject("field", field);
        page.addObject("message", message);
        page.addObject("last", store.history(stored.id()).stream().findFirst().orElse(null));
        Map<String, String> typed = new TreeMap<>(fields);
        List.of("_csrf", "version", "action", "back", "pick", "step", "key").forEach(typed::remove);
        typed.values().removeIf(String::isBlank);
        page.addObject("typed", typed);
        return page;
    }

    @PostMapping("/bench/{id}/{where:undo|redo|back}")
    String move(
            @PathVariable("id") long id,
            @PathVariable("where") String where,
            @RequestParam("version") int version,
            @RequestParam(value = "number", defaultValue = "0") int number,
            @RequestParam(value = "step", defaultValue = "") String step,
            RedirectAttributes next) {
        try {
            switch (where) {
                case "undo" -> store.undo(id, version);
                case "redo" -> store.redo(id, version);
                default -> store.goTo(id, version, number);
            }
        } catch (StaleDishException e) {
            next.addFlashAttribute("warned", "bench.stale");
        }
        boolean there = store.find(id)
                .flatMap(dish -> dish.sheet().step(step))
                .map(Step::id)
                .isPresent();
        return "redirect:/bench/" + id + (there ? "?step=" + step : "");
    }

    @PostMapping("/bench/{id}/remove")
    String remove(@PathVariable("id") long id, @RequestParam("version") int version, RedirectAttributes next) {
        try {
            store.remove(id, version);
            next.addFlashAttribute("told", "bench.removed");
            return "redirect:/bench";
        } catch (StaleDishException e) {
            next.addFlashAttribute("warned", "bench.stale");
            return store.find(id).isPresent() ? "redirect:/bench/" + id : "redirect:/bench";
        }
    }

    @PostMapping("/bench/{id}/into")
    String into(
            @PathVariable("id") long id, @RequestParam("class") long classId, RedirectAttributes next, Principal who) {
        StoredDish stored = store.find(id).orElseThrow(NotFoundException::new);
        IntoClass.Outcome outcome = intoClass.put(stored.sheet(), classId, who.getName());
        next.addFlashAttribute(outcome.done() ? "toldLines" : "warnedLines", outcome.lines());
        return outcome.done() ? "redirect:/classes/" + classId : "redirect:/bench/" + id;
    }

    /** A class of this dish, planned at once. */
    @PostMapping("/bench/{id}/class")
    String plan(
            @PathVariable("id") long id,
            @RequestParam(value = "zone", defaultValue = "") String zone,
            RedirectAttributes next,
            Principal who) {
        StoredDish stored = store.find(id).orElseThrow(NotFoundException::new);
        IntoClass.Outcome outcome = newClass.of(stored.sheet(), zone, who.getName());
        if (!outcome.done()) {
            next.addFlashAttribute("warnedLines", outcome.lines());
            return "redirect:/bench/" + id;
        }
        return "redirect:/classes/%d/plan".formatted(outcome.classId());
    }

    @GetMapping("/bench/{id}/recipe.jsonld")
    ResponseEntity<byte[]> schemaOrg(@PathVariable("id") long id) {
        StoredDish stored = store.find(id).orElseThrow(NotFoundException::new);
        return file(JSON_LD, "recipe-%d.jsonld".formatted(id), SchemaOrgWriter.write(stored.sheet(), house.now()));
    }

    @GetMapping("/bench/{id}/dish.json")
    ResponseEntity<byte[]> dishFile(@PathVariable("id") long id) {
        StoredDish stored = store.find(id).orElseThrow(NotFoundException::new);
        return file(
                MediaType.APPLICATION_JSON,
                "dish-%d.json".formatted(id),
                ClassFile.dish(stored.sheet().dish()).toPrettyString());
    }

    private static ResponseEntity<byte[]> file(MediaType type, String name, String content) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(content.getBytes(StandardCharsets.UTF_8));
    }

    /**
     * A dish in the list.
     *
     * @param stored the dish
     * @param times what it takes
     * @param open findings of the gate that are open
     */
    record Card(StoredDish stored, DishTimes times, int open) {}

    /** A dish begun from nothing has one component to write in. */
    private static final class Edited {

        static Draft withFirstComponent(Draft sheet) {
            return Edits.addComponent(sheet, sheet.dish().title());
        }
    }
}
