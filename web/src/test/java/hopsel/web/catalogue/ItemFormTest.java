package hopsel.web.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import hopsel.core.item.Allergen;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.classfile.FaultyFileException;
import hopsel.web.TestContext;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;

/** The form of an ingredient: nothing is lost by opening and saving it, and what is no figure is told. */
class ItemFormTest {

    private final ItemForm form = new ItemForm();

    private Item typed(String... fields) throws FaultyFileException {
        Map<String, String> typed = new HashMap<>(Map.of("id", "own-1", "name", "Quay paste", "origin", "plant"));
        for (int i = 0; i < fields.length; i += 2) {
            typed.put(fields[i], fields[i + 1]);
        }
        return ClassFile.item(form.document(typed));
    }

    @Test
    void everyIngredientIsTheSameAfterItWasOpenedAndSaved() throws FaultyFileException {
        for (Item item : BuiltInCatalogue.load().items()) {
            Item saved = ClassFile.item(form.document(form.of(item)));
            assertThat(form.of(saved)).as(item.id()).isEqualTo(form.of(item));
            assertThat(saved.allergens()).as(item.id()).isEqualTo(item.allergens());
            assertThat(saved.traits()).as(item.id()).isEqualTo(item.traits());
            assertThat(saved.origin()).as(item.id()).isEqualTo(item.origin());
        }
    }

    @Test
    void whatACookTypesIsRead() throws FaultyFileException {
        Item item = typed(
                "allergens",
                "soy; sesame",
                "packs",
                "500 g for 4.20, 1000 for 7,50",
                "pieces",
                "large 60, small 35",
                "names",
                "harbour paste; quay miso",
                "edibleShare",
                "0.9",
                "trait-" + Trait.PASTE.word(),
                "on");
        assertThat(item.allergens()).containsExactlyInAnyOrder(Allergen.SOY, Allergen.SESAME);
        assertThat(item.packs())
                .extracting(pack -> pack.grams().intValue() + " " + pack.price())
                .containsExactly("500 4.2", "1000 7.5");
        assertThat(item.practice().pieces()).containsEntry("large", BigDecimal.valueOf(60));
        assertThat(item.practice().names()).containsExactly("harbour paste", "quay miso");
        assertThat(item.has(Trait.PASTE)).isTrue();
        assertThat(item.edibleShare()).isEqualByComparingTo("0.9");
    }

    /** In the words of the page: the field as it is called there, what was typed, and what to do. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "allergens|nuts|allergens|Allergens: “nuts”",
                "gramsPerMl|heavy|gramsPerMl|Grams per ml is “heavy”, which isn’t a number",
                "packs|500 g|packs|Packs: ",
                "n-protein|lots|n-protein|Protein is “lots”, which isn’t a number",
                "edibleShare|2|edibleShare|Edible share: ",
                "name||name|Name: "
            })
    void whatIsNotUnderstoodIsToldAtItsField(String field, String text, String at, String told) {
        String typed = text == null ? "" : text;
        FaultyFileException refused = catchThrowableOfType(FaultyFileException.class, () -> typed(field, typed));
        ItemFaults faults = TestContext.bean(ItemFaults.class);
        assertThat(faults.field(refused.findings())).isEqualTo(at);
        assertThat(faults.said(refused.findings(), Map.of(field, typed)))
                .first()
                .asString()
                .startsWith(told)
                .doesNotContain("[");
    }
}
