package hopsel.core.kitchen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.core.recipe.ToolReader;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ToolTest {

    @ParameterizedTest
    @CsvSource({
        "3 large bowls,3,large,bowl",
        "a whisk,1,,whisk",
        "frying pan 26 cm,1,26 cm,frying pan",
        "26 cm frying pan,1,26 cm,frying pan",
        "2 × saucepans (1.5 l),2,1.5 l,saucepan",
        "big pot,1,large,pot",
        "2 chopping boards,2,,chopping board",
        "tongs,1,,tongs",
        "3 knives,3,,knife",
        "2 wooden spoons,2,,wooden spoon",
        "8 glasses,8,,glass",
        "2 baking dishes,2,,baking dish",
        "potato press,1,,potato press",
        "12-inch pan,1,12 inch,pan"
    })
    void aToolIsReadAsACookWritesItAndWrittenSoThatItIsReadAgain(String text, int count, String size, String name) {
        Tool tool = ToolReader.parse(text);
        assertThat(tool.count()).isEqualTo(count);
        assertThat(tool.size().orElse(null)).isEqualTo(size);
        assertThat(tool.name()).isEqualTo(name);
        assertThat(ToolReader.parse(tool.toString())).isEqualTo(tool);
    }

    @Test
    void aSizeAloneIsNoTool() {
        assertThatThrownBy(() -> ToolReader.parse("3 large")).hasMessageContaining("names no tool");
    }
}
