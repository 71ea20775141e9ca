package hopsel.core.guest;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** What an attendee cannot have is never less after a change than before. */
class AttendeeTest {

    private static final Catalogue CATALOGUE = Catalogue.of(List.of(Item.nameOnly("fennel", "Fennel")));

    private static Attendee ana(List<String> avoids, List<String> rather) {
        return new Attendee("a7", "Ana", avoids, BigDecimal.ONE, Optional.empty(), Attendee.Gets.BOTH, rather);
    }

    @Test
    void whatNobodyCanCheckIsKeptInTheirOwnWords() {
        Attendee said = ana(List.of("peanut", "kiwi", "fennel"), List.of("fennel", "durian"))
                .saying(List.of("latex"));
        Attendee known = said.knowing(CATALOGUE);
        assertThat(known.avoids()).containsExactly("peanut", "fennel");
        assertThat(known.ownWords()).containsExactly("latex", "kiwi");
        assertThat(known.rather()).as("a wish that nobody can check is none").containsExactly("fennel");
        assertThat(known.knowing(CATALOGUE)).isSameAs(known);
        assertThat(ana(List.of("peanut"), List.of("durian")).knowing(CATALOGUE).rather())
                .isEmpty();
    }

    @Test
    void twoWhoAreOneAvoidWhatEitherOfThemDoes() {
        Attendee one = ana(List.of("peanut", "soy"), List.of()).saying(List.of("kiwi"));
        Attendee two = ana(List.of("soy", "sesame"), List.of()).saying(List.of("kiwi", "latex"));
        Attendee both = one.alsoAvoiding(two);
        assertThat(both.avoids()).containsExactly("peanut", "soy", "sesame");
        assertThat(both.ownWords()).containsExactly("kiwi", "latex");
        assertThat(both.id()).isEqualTo("a7");
    }

    @Test
    void whoSaysItInTheirOwnWordsIsCarefulToo() {
        assertThat(ana(List.of(), List.of("fennel")).isCareful()).isFalse();
        assertThat(ana(List.of("soy"), List.of()).isCareful()).isTrue();
        assertThat(ana(List.of(), List.of()).saying(List.of("kiwi")).isCareful())
                .isTrue();
    }

    @Test
    void onlyKitAndBothArePackedAndOnlyHandoutAndBothArePrinted() {
        assertThat(Attendee.Gets.values())
                .filteredOn(Attendee.Gets::kit)
                .containsExactly(Attendee.Gets.KIT, Attendee.Gets.BOTH);
        assertThat(Attendee.Gets.values())
                .filteredOn(Attendee.Gets::handout)
                .containsExactly(Attendee.Gets.HANDOUT, Attendee.Gets.BOTH);
    }
}
