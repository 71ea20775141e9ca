package hopsel.formats.planned;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.bench.HouseStyle.Matter;
import hopsel.core.item.Catalogue;
import hopsel.core.kit.Kit;
import hopsel.core.planned.AttendeeClass;
import hopsel.core.planned.PlannedClass;
import hopsel.core.provision.Demand.Purpose;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.classfile.FaultyFileException;
import hopsel.formats.contract.Samples;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;

/** Two attendees of a class of dumplings and laksa: the first may not have tamari, the second takes four servings. */
class AttendeeClassTest {

    private static final Catalogue CATALOGUE = BuiltInCatalogue.load();
    private static PlannedClass plain;

    @BeforeAll
    static void plan() throws FaultyFileException {
        String file = new String(Samples.bytes("c01-dumplings-laksa"), StandardCharsets.UTF_8)
                .replace("\"peanut\"", "\"tamari\"");
        plain = PlannedClass.of(ClassFile.read(file.getBytes(StandardCharsets.UTF_8), CATALOGUE), CATALOGUE);
    }

    private static List<String> items(Kit kit) {
        return kit.lines().stream().map(Kit.Line::item).toList();
    }

    @Test
    void aStyleChangesOneKitAndTheShoppingButNotThePlanOrTheOthers() {
        PlannedClass styled = plain.inStyles(Map.of("a2", Map.of(Matter.FLOUR, "gluten-free")), CATALOGUE);
        assertThat(items(styled.kits().get(1)))
                .contains("gluten-free-flour", "tamari")
                .doesNotContain("plain-flour", "soy-sauce");
        assertThat(styled.kits().get(0)).isEqualTo(plain.kits().get(0));
        assertThat(styled.plan()).isEqualTo(plain.plan());
        assertThat(styled.trays()).isEqualTo(plain.trays());
        assertThat(styled.demand().parts("gluten-free-flour").get(Purpose.KITS)).isEqualByComparingTo("320");
        assertThat(styled.demand().parts("plain-flour").get(Purpose.DEMO))
                .isEqualByComparingTo(plain.demand().parts("plain-flour").get(Purpose.DEMO));
        assertThat(styled.shopping()).anyMatch(purchase -> purchase.item().equals("gluten-free-flour"));
    }

    @Test
    void aWishNeverOverrulesWhatSomebodyMayNotHave() {
        Kit kit = plain.inStyles(Map.of("a1", Map.of(Matter.FLOUR, "gluten-free")), CATALOGUE)
                .kits()
                .get(0);
        assertThat(items(kit)).contains("gluten-free-flour").doesNotContain("tamari");
        assertThat(kit.cannotServe()).isNotEmpty().allSatisfy(refusal -> {
            assertThat(refusal.item()).isEqualTo("tamari");
            assertThat(refusal.avoids()).containsExactly("tamari");
        });
    }

    @Test
    void everySchoolOfEveryMatterCanBePacked() {
        for (Matter matter : Matter.values()) {
            for (String school : matter.schools()) {
                PlannedClass styled = plain.inStyles(Map.of("a2", Map.of(matter, school)), CATALOGUE);
                assertThat(styled.kits().get(1).lines())
                        .as(matter + " " + school)
                        .isNotEmpty();
            }
        }
    }

    @Test
    void whatWasNotChosenChangesNothing() {
        AttendeeClass own = AttendeeClass.of(plain, Map.of(Matter.SALT, "no such school"), CATALOGUE);
        assertThat(own.cooking()).isEqualTo(plain.cooking());
        assertThat(own.changes()).isEmpty();
        assertThat(plain.inStyles(Map.of(), CATALOGUE).kits()).isEqualTo(plain.kits());
    }
}
