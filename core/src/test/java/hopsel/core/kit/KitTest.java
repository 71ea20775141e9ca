package hopsel.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import hopsel.core.dish.Source;
import hopsel.core.guest.Attendee;
import hopsel.core.kit.Kit.Beside;
import hopsel.core.kit.Kit.Refusal;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A kit refuses whatever cannot be made safe, whether it lies in the box or at home. */
class KitTest {

    private static final Refusal PEANUTS = new Refusal("satay", "peanuts", "peanuts", List.of("peanut"));
    private static final Beside BUNS =
            new Beside("satay", "buns", "buns", Source.HOME, Optional.empty(), List.of("gluten"));
    private static final Beside OIL = new Beside("satay", "oil", "oil", Source.HOME, Optional.empty(), List.of());

    private static Attendee guest(String id, List<String> avoids, String... ownWords) {
        return new Attendee(id, id, avoids, BigDecimal.ONE, Optional.empty(), Attendee.Gets.KIT)
                .saying(List.of(ownWords));
    }

    private static Kit kit(Attendee attendee, List<Refusal> refusals, Beside... beside) {
        return new Kit(attendee, List.of(), refusals, List.of(beside));
    }

    @Test
    void whatIsAtHomeIsRefusedLikeWhatIsInTheBox() {
        Attendee ana = guest("ana", List.of("gluten"));
        assertThat(kit(ana, List.of()).refuses()).isFalse();
        assertThat(kit(ana, List.of(), OIL).refuses()).isFalse();
        assertThat(kit(ana, List.of(), OIL, BUNS).refuses()).isTrue();
        assertThat(kit(ana, List.of(PEANUTS), OIL).refuses()).isTrue();
        assertThat(kit(ana, List.of(PEANUTS), OIL, BUNS).refusals())
                .extracting(Refusal::item, Refusal::avoids)
                .containsExactly(tuple("peanuts", List.of("peanut")), tuple("buns", List.of("gluten")));
        assertThat(kit(ana, List.of(), OIL).refusals()).isEmpty();
    }

    @Test
    void whoeverAvoidsMostIsPackedFirstWhileEverythingIsClean() {
        Kit none = kit(guest("none", List.of()), List.of());
        Kit one = kit(guest("one", List.of("soy")), List.of());
        Kit words = kit(guest("words", List.of("soy"), "kiwi", "latex"), List.of());
        Kit two = kit(guest("two", List.of("soy", "gluten")), List.of());
        assertThat(Stream.of(none, one, words, two).sorted(Kit.PACKING_ORDER))
                .extracting(kit -> kit.attendee().id())
                .containsExactly("words", "two", "one", "none");
    }
}
