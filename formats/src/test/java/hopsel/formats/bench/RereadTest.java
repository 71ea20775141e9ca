package hopsel.formats.bench;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.bench.Draft;
import hopsel.core.bench.Edits;
import hopsel.core.bench.RefusedEditException;
import hopsel.core.bench.Reread;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.DishProposal;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.recipefile.RecipeFile;

import org.junit.jupiter.api.Test;

import java.util.List;

/**
 * A source that is changed and read again: what was corrected on the bench stays, what was not said before comes in.
 */
class RereadTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();
    private static final String SOURCE =
            """
            Satay sauce

            Ingredients
            100 g roasted peanuts
            200 ml coconut milk
            1 tbsp tamarind paste

            Method
            Blend the peanuts with the coconut milk.
            Simmer for 5 minutes with the tamarind.
            """;

    private static DishProposal read(String source) {
        return RecipeFile.read(source, CATALOGUE, Measures.METRIC);
    }

    private static Draft draft() {
        return Draft.of(read(SOURCE), SOURCE, Measures.METRIC);
    }

    private static Draft again(Draft now, String source) throws RefusedEditException {
        return Reread.of(now, read(now.notes().source()), read(source), source);
    }

    private static List<String> lines(Draft draft) {
        return draft.dish()
                .lines()
                .map(line -> line.item() + " " + line.amount().orElseThrow().written())
                .toList();
    }

    private static Draft corrected() throws RefusedEditException {
        Draft timed = Edits.retime(draft(), "simmer", StepMinutes.of(Minutes.of(9)));
        return Edits.removeLine(timed, "tamarind");
    }

    @Test
    void whatStandsAsItStoodKeepsWhatWasCorrected() throws RefusedEditException {
        Draft read = again(corrected(), SOURCE.replace("200 ml", "250 ml"));

        assertThat(lines(read)).containsExactly("peanuts 100 g", "coconut-milk 250 ml");
        assertThat(read.step("simmer").orElseThrow().minutes().likely()).isEqualTo(Minutes.of(9));
        assertThat(read.notes().source()).contains("250 ml");
    }

    @Test
    void whatIsNewComesInWhereTheTextHasIt() throws RefusedEditException {
        String longer = SOURCE.replace("1 tbsp tamarind paste", "1 tbsp tamarind paste\n2 tbsp soy sauce")
                .replace("Simmer for", "Stir in the soy sauce and cook for 2 minutes.\nSimmer for");

        Draft read = again(draft(), longer);

        assertThat(lines(read)).contains("soy-sauce 2 tbsp").hasSize(4);
        assertThat(read.dish().steps().map(Step::title))
                .hasSize(3)
                .element(1)
                .isEqualTo("Stir in the soy sauce and cook");
        Step fresh = read.dish().steps().toList().get(1);
        assertThat(fresh.uses()).extracting(use -> use.ingredient()).containsExactly("soy-sauce");
        assertThat(read.step("simmer").orElseThrow().after())
                .extracting(wait -> wait.step())
                .contains(fresh.id());
    }

    @Test
    void whatIsGoneFromTheTextGoes() throws RefusedEditException {
        Draft read = again(
                draft(),
                SOURCE.replace("Blend the peanuts with the coconut milk.\n", "")
                        .replace("100 g roasted peanuts\n", ""));

        assertThat(lines(read)).containsExactly("coconut-milk 200 ml", "tamarind 1 tbsp");
        assertThat(read.dish().steps().map(Step::id)).containsExactly("simmer");
    }

    @Test
    void readingTheSameAgainChangesNothing() throws RefusedEditException {
        Draft now = corrected();

        assertThat(again(now, SOURCE).dish()).isEqualTo(now.dish());
    }
}
