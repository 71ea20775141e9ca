package hopsel.web.plan;

import hopsel.core.advice.Moves;
import hopsel.core.classes.CookingClass;
import hopsel.core.planned.PlannedClass;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.plan.PlanDesk.Planned;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** Opens a class for one of its pages. */
@Component
public class ClassPages {

    /** Milliseconds that a page waits for the best plan before it shows the best so far. */
    private static final long PATIENCE = 700;

    private final PlanDesk desk;

    ClassPages(PlanDesk desk) {
        this.desk = desk;
    }

    /**
     * The class alone.
     *
     * @throws NotFoundException where there is no such class
     */
    public CookingClass cooking(long id) {
        return desk.peek(id).orElseThrow(NotFoundException::new).stored().cooking();
    }

    /**
     * The class with its plan, as it is now.
     *
     * @throws NotFoundException where there is no such class
     */
    public PlannedClass planned(long id) {
        return desk.find(id).orElseThrow(NotFoundException::new).whole();
    }

    /**
     * The class with its plan; fills in what the frame of every class page shows.
     *
     * @throws NotFoundException where there is no such class
     */
    public PlannedClass open(long id, Station station, Model model) {
        Planned planned = desk.soon(id, PATIENCE).orElseThrow(NotFoundException::new);
        model.addAttribute("id", id);
        model.addAttribute("version", planned.stored().version());
        model.addAttribute("cooking", planned.stored().cooking());
        model.addAttribute("planned", planned.whole());
        model.addAttribute("plan", planned.whole().plan());
        model.addAttribute("outcome", planned.whole().outcome());
        planned.film().ifPresent(film -> model.addAttribute("film", film));
        model.addAttribute("wishes", planned.stored().wishes());
        model.addAttribute("improving", planned.improving());
        planned.previous().ifPresent(before -> model.addAttribute("previous", before));
        planned.previous()
                .filter(before -> planned.whole().plan().possible())
                .ifPresent(before -> model.addAttribute(
                        "moves", Moves.between(before, planned.whole().plan())));
        model.addAttribute("catalogue", planned.whole().catalogue());
        model.addAttribute("station", station);
        model.addAttribute("stations", Station.values());
        return planned.whole();
    }
}
