package hopsel.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StepNameTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Knead that for ten minutes.                             | Knead",
                "Aubergine in, it's cut into chunks.                     | Add the aubergine",
                "Paste in, stock in, simmer 20                           | Add the paste and stock and simmer",
                "The tofu comes out onto a plate.                        | Take the tofu out onto a plate",
                "It goes under a tea towel for an hour.                  | Cover with a tea towel",
                "Each bowl gets noodles first.                           | Put noodles in each bowl",
                "Let that simmer for five minutes.                       | Leave to simmer",
                "While that's chilling the plums. Halve them.            | Halve the plums",
                "Two cloves of garlic.                                   | Add two cloves of garlic",
                "Brush that on while they're hot.                        | Brush on",
                "Mix those two and set aside.                            | Mix those two and set aside",
                "Stir everything together.                               | Stir everything together",
                "Slice the onions and cook them very slowly in two tablespoons of oil. | Slice the onions and "
                        + "cook very slowly",
                "Bring the dough together until it is smooth.            | Bring the dough together",
            })
    void aCookWritesWhatIsDone(String told, String name) {
        assertThat(StepName.of(told)).isEqualTo(name);
    }
}
