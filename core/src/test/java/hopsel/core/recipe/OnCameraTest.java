package hopsel.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.recipe.OnCamera.Shown;

import org.junit.jupiter.api.Test;

/** What a recording shows is measured by its captions, beside what somebody says in it. */
class OnCameraTest {

    private static final String CAPTIONS =
            """
            WEBVTT

            00:00:10.000 --> 00:00:20.000
            Now knead the dough for about five minutes.

            00:00:20.000 --> 00:03:10.000
            My grandmother did that on the boat every Sunday.

            00:08:10.000 --> 00:08:20.000
            Cover the dough and let it rest for thirty minutes.

            00:08:20.000 --> 00:08:30.000
            And here's one that I rested earlier.

            00:08:30.000 --> 00:11:30.000
            Fry each flatbread in the hot pan
            until it's golden.
            """;

    private static Shown shown(String instruction, int said) {
        return OnCamera.of(CAPTIONS).of(instruction, said).orElseThrow();
    }

    @Test
    void whatIsDoneIsMeasuredUntilTheNextThingWhateverIsToldMeanwhile() {
        assertThat(shown("Knead the dough for about five minutes.", 300)).isEqualTo(new Shown(10, 480, false));
        assertThat(shown("Fry each flatbread in the hot pan until it's golden.", 120))
                .isEqualTo(new Shown(510, 180, false));
    }

    @Test
    void aRecordingThatLeavesSomethingOutSaysSo() {
        assertThat(shown("Cover the dough and let it rest for thirty minutes.", 1800))
                .isEqualTo(new Shown(490, 10, true));
    }

    @Test
    void nothingIsKnownOfTextWithoutTimes() {
        assertThat(OnCamera.of("Knead the dough for five minutes.").of("Knead the dough for five minutes.", 300))
                .isEmpty();
        assertThat(OnCamera.of(CAPTIONS).of("Pour the syrup over the sago pearls.", 60))
                .isEmpty();
    }
}
