package hopsel.core.classes;

import static hopsel.core.plan.SmallClass.hands;
import static hopsel.core.plan.SmallClass.watch;
import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.kitchen.Resource;
import hopsel.core.plan.SmallClass;

import org.junit.jupiter.api.Test;

import java.time.LocalDate;
import java.time.ZoneId;

/** What a new class begins with: a usual kitchen, or the one that was used before. */
class FreshClassTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 3, 1);

    private final CookingClass before = SmallClass.of(45)
            .place("steamer", 1, 0)
            .part("a", hands("mix", 5), watch("steam", 10).after("mix").in("steamer"))
            .build();

    @Test
    void aSecondClassIsInTheSameKitchenAtTheSameHourWithNothingOnItsMenu() {
        CookingClass next = FreshClass.like(before, TODAY);
        assertThat(next.resources()).isEqualTo(before.resources());
        assertThat(next.people()).isEqualTo(before.people());
        assertThat(next.airMinutes()).isEqualTo(before.airMinutes());
        assertThat(next.startsAt().toLocalTime()).isEqualTo(before.startsAt().toLocalTime());
        assertThat(next.startsAt().getDayOfWeek()).isEqualTo(before.startsAt().getDayOfWeek());
        assertThat(next.startsAt().toLocalDate()).isAfter(TODAY);
        assertThat(next.dishes()).isEmpty();
        assertThat(next.attendees()).isEmpty();
    }

    @Test
    void aKitchenGetsWhatADishNeedsAndItDoesNotHave() {
        CookingClass usual = FreshClass.on(TODAY, ZoneId.of("Europe/Lisbon"));
        CookingClass equipped = FreshClass.equippedFor(usual, before.dishes().get(0));
        assertThat(equipped.resources()).hasSize(usual.resources().size() + 1);
        assertThat(equipped.resources()).extracting(Resource::kind).contains("steamer", "oven");
        assertThat(FreshClass.equippedFor(equipped, before.dishes().get(0))).isEqualTo(equipped);
    }
}
