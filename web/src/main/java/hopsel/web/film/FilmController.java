package hopsel.web.film;

import hopsel.core.classes.CookingClass;
import hopsel.core.film.Film;
import hopsel.core.film.Shot;
import hopsel.formats.table.Table;
import hopsel.web.frame.Download;
import hopsel.web.frame.Figures;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.plan.ClassPages;

import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The film that comes of a day of shooting: shots, what is left out, and the edit list. */
@Controller
class FilmController {

    private final ClassPages pages;
    private final Figures figures;

    FilmController(ClassPages pages, Figures figures) {
        this.pages = pages;
        this.figures = figures;
    }

    @GetMapping("/classes/{id}/film")
    String film(@PathVariable("id") long id, Model model) {
        pages.open(id, Station.PLAN, model);
        return "film/film";
    }

    /** What a cutter needs: where each shot lies in the film, and when it was taken. */
    @GetMapping("/classes/{id}/film.csv")
    ResponseEntity<byte[]> editList(@PathVariable("id") long id, Model model) {
        pages.open(id, Station.PLAN, model);
        if (!(model.getAttribute("film") instanceof Film film)) {
            throw new NotFoundException();
        }
        CookingClass cooking = pages.cooking(id);
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(
                "shot",
                "film from",
                "film to",
                "seconds",
                "dish",
                "what",
                "seen",
                "shoot at",
                "until",
                "to say",
                "spoken seconds",
                "close-up"));
        for (int i = 0; i < film.shots().size(); i++) {
            rows.add(row(cooking, film.shots().get(i), i + 1));
        }
        return Download.text("film-%d.csv".formatted(id), "csv", Table.write(rows));
    }

    private List<String> row(CookingClass cooking, Shot shot, int number) {
        boolean seen = shot.step().isPresent();
        return List.of(
                String.valueOf(number),
                FilmTime.of(shot.from()),
                FilmTime.of(shot.to()),
                String.valueOf(shot.seconds()),
                shot.step().map(step -> cooking.dish(step.dish()).title()).orElse(""),
                shot.title(),
                shot.extent().name().toLowerCase(Locale.ROOT),
                seen ? figures.clock(cooking, shot.seen()) : "",
                seen ? figures.clock(cooking, shot.day().to()) : "",
                shot.step().flatMap(step -> cooking.step(step).say()).orElse(""),
                String.valueOf(shot.spoken()),
                shot.closeUp().orElse(""));
    }
}
