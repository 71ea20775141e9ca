package hopsel.web.dish;

import hopsel.web.classes.BrokenClassException;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.Courses;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.Station;
import hopsel.web.plan.ClassPages;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

import java.util.Comparator;
import java.util.Optional;

/** The first page of a class: what it is, and its dishes taken apart. */
@Controller
class DishesController {

    private final ClassPages pages;
    private final Courses courses;
    private final ClassStore store;

    DishesController(ClassPages pages, Courses courses, ClassStore store) {
        this.pages = pages;
        this.courses = courses;
        this.store = store;
    }

    /** An evening that cannot be read is in nobody's way. */
    private Optional<StoredClass> readable(long id) {
        try {
            return store.find(id);
        } catch (BrokenClassException e) {
            return Optional.empty();
        }
    }

    @GetMapping("/classes/{id}")
    String dishes(@PathVariable("id") long id, Model model) {
        pages.open(id, Station.DISHES, model);
        model.addAttribute(
                "course",
                courses.of(id).stream()
                        .flatMap(one -> readable(one).stream())
                        .sorted(Comparator.comparing(
                                (StoredClass one) -> one.cooking().startsAt()))
                        .toList());
        return "dish/dishes";
    }
}
