package hopsel.formats.recipefile;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.bench.Draft;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.measure.Minutes;
import hopsel.formats.dishfile.DishFile;

import org.junit.jupiter.api.Test;

/** A dish as it was stored before what is true of it moved into it. */
class EarlierDishTest {

    private static final String EARLIER =
            """
            {"format": "hopsel-dish", "version": 1, "measures": "metric",
             "dish": {"id": "tart", "title": "Plum tart", "servings": 4, "components": [
               {"id": "dough", "title": "Dough",
                "ingredients": [{"id": "water", "item": "water", "amount": {"low": 2, "high": 5}, "unit": "tbsp"}],
                "steps": [{"id": "bake", "title": "Bake", "minutes": 60, "work": "watch", "show": "may"},
                          {"id": "cool", "title": "Cool", "minutes": 5, "work": "rest", "show": "never"}]}]},
             "items": [],
             "notes": {"pieces": 8, "pieceWidth": 7, "headline": 90, "source": "as it came", "unread": ["the rest"],
               "vessel": {"shape": "round", "length": 23, "width": 23, "depth": 3},
               "guessed": {"bake": ["minutes"]},
               "steps": {"bake": {"firstLook": 40, "rounds": {"pieces": 8, "perRound": 4, "minutes": 30, "pans": 1},
                         "ladder": [{"trouble": "pale", "remedy": "on", "dose": "5 min", "limit": "twice"}]},
                         "gone": {"firstLook": 3, "ladder": []}},
               "tastes": {"water": {"start": 2, "step": 1, "ceiling": 5, "cue": "it holds"}},
               "bases": {"dough": "Apple tart"}, "passed": {"cue_missing:bake": "seen"}, "house": {"oil": "none"}}}""";

    @Test
    void whatWasNotedBesideTheDishIsNowInIt() {
        Draft draft = DishFile.read(EARLIER);
        Step bake = draft.step("bake").orElseThrow();
        assertThat(bake.firstLook()).contains(Minutes.of(40));
        assertThat(bake.rounds().orElseThrow().count()).isEqualTo(2);
        assertThat(bake.rescues()).singleElement().satisfies(rescue -> assertThat(rescue.trouble())
                .isEqualTo("pale"));
        IngredientLine water = draft.line("water").orElseThrow();
        assertThat(water.byTaste().orElseThrow().cue()).isEqualTo("it holds");
        assertThat(draft.dish().yields().pieces().orElseThrow()).isEqualByComparingTo("8");
        assertThat(draft.dish().vessel().orElseThrow().length()).isEqualByComparingTo("23");
        assertThat(draft.dish().components().get(0).base().orElseThrow().title())
                .isEqualTo("Apple tart");
        assertThat(draft.dish().passages().unread()).containsExactly("the rest");
        assertThat(draft.notes().isGuessed("bake", "minutes")).isTrue();
        assertThat(draft.notes().passed()).containsKey("cue_missing:bake");
        assertThat(draft.notes().headline()).contains(Minutes.of(90));
        assertThat(DishFile.read(DishFile.write(draft))).isEqualTo(draft);
    }
}
