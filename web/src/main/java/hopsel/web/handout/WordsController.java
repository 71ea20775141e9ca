package hopsel.web.handout;

import hopsel.core.caution.FoundCaution;
import hopsel.core.classes.CookingClass;
import hopsel.core.food.AtHome;
import hopsel.core.food.FoodFlow;
import hopsel.core.handout.HostWords;
import hopsel.core.handout.HostWords.DishWords;
import hopsel.core.handout.Statements;
import hopsel.core.planned.PlannedClass;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.frame.AllOrNothing;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.SafePicture.BadPictureException;
import hopsel.web.frame.Station;
import hopsel.web.handout.HandoutMapper.NewPicture;
import hopsel.web.plan.ClassPages;

import org.springframework.http.HttpStatus;
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
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The host's own words in the handouts: a welcome, stories, tips, variants, cautions, pictures, and what kind of
 * statement each claim is.
 */
@Controller
class WordsController {

    private final ClassPages pages;
    private final ClassStore classes;
    private final WordsStore store;
    private final Pictures pictures;
    private final HandoutDesk desk;
    private final AllOrNothing all;

    WordsController(
            ClassPages pages,
            ClassStore classes,
            WordsStore store,
            Pictures pictures,
            HandoutDesk desk,
            AllOrNothing all) {
        this.all = all;
        this.pages = pages;
        this.classes = classes;
        this.store = store;
        this.pictures = pictures;
        this.desk = desk;
    }

    @GetMapping("/classes/{id}/handouts/words")
    String words(@PathVariable("id") long id, Model model) {
        PlannedClass planned = pages.open(id, Station.HANDOUTS, model);
        WordsStore.Kept kept = store.of(id);
        model.addAttribute("words", kept.words());
        model.addAttribute("wordsVersion", kept.version());
        statements(planned.cooking(), kept.words(), model);
        Map<String, List<FoundCaution>> found = new LinkedHashMap<>();
        planned.cooking().dishes().forEach(dish -> found.put(dish.id(), FoundCaution.of(dish, planned.catalogue())));
        model.addAttribute("found", found);
        Map<String, AtHome> usual = new LinkedHashMap<>();
        planned.cooking().dishes().forEach(dish -> AtHome.of(FoodFlow.of(dish, planned.catalogue()))
                .ifPresent(row -> usual.put(dish.id(), row)));
        model.addAttribute("usual", usual);
        return "handout/words";
    }

    private static void statements(CookingClass cooking, HostWords words, Model model) {
        model.addAttribute("statements", Statements.of(cooking, words));
        model.addAttribute("unmarked", Statements.unmarked(cooking, words));
        model.addAttribute("kinds", HostWords.Claim.values());
    }

    @PostMapping("/classes/{id}/handouts/words")
    ModelAndView keep(
            @PathVariable("id") long id,
            @RequestParam("wordsVersion") int version,
            @RequestParam Map<String, String> fields,
            Model model) {
        CookingClass cooking =
                classes.find(id).orElseThrow(NotFoundException::new).cooking();
        try {
            store.keep(
                    id,
                    version,
                    WordsForm.read(new Entered(fields), cooking, store.of(id).words()));
            return new ModelAndView("redirect:/classes/%d/handouts/words".formatted(id));
        } catch (BadEntryException e) {
            return refused(id, "%s %s".formatted(e.field(), e.getMessage()), fields, model);
        } catch (StaleClassException e) {
            return refused(
                    id,
                    "Somebody else changed these words just now. What you typed is still here: look it over, and "
                            + "keep it again.",
                    fields,
                    model);
        }
    }

    private ModelAndView refused(long id, String wrong, Map<String, String> typed, Model model) {
        words(id, model);
        model.addAttribute("warnedLines", List.of(wrong));
        model.addAttribute("typed", typed);
        return new ModelAndView("handout/words", model.asMap(), HttpStatus.UNPROCESSABLE_CONTENT);
    }

    /** A picture for a dish, in the place of the one before. */
    @PostMapping("/classes/{id}/handouts/picture")
    String picture(
            @PathVariable("id") long id,
            @RequestParam("wordsVersion") int version,
            @RequestParam("dish") String dish,
            @RequestParam("picture") MultipartFile file,
            RedirectAttributes next)
            throws IOException {
        CookingClass cooking =
                classes.find(id).orElseThrow(NotFoundException::new).cooking();
        if (cooking.dishes().stream().noneMatch(own -> own.id().equals(dish))) {
            throw new NotFoundException();
        }
        try {
            NewPicture read = Pictures.read(id, file.getBytes());
            HostWords before = store.of(id).words();
            DishWords own = before.dish(dish);
            all.of(() -> {
                Map<String, DishWords> dishes = new LinkedHashMap<>(before.dishes());
                dishes.put(
                        dish,
                        new DishWords(
                                own.story(),
                                own.tips(),
                                own.makeAhead(),
                                own.fridge(),
                                own.freezer(),
                                own.reheat(),
                                own.variants(),
                                own.cautions(),
                                own.hidden(),
                                Optional.of(pictures.keep(read))));
                store.keep(id, version, new HostWords(before.intro(), dishes, before.marks()));
            });
        } catch (BadPictureException e) {
            next.addFlashAttribute("warnedLines", List.of(e.getMessage()));
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
        }
        return "redirect:/classes/%d/handouts/words".formatted(id);
    }

    @GetMapping("/classes/{id}/pictures/{picture}")
    ResponseEntity<byte[]> show(@PathVariable("id") long id, @PathVariable("picture") long number) {
        return desk.picture(id, number);
    }
}
