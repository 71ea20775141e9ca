package hopsel.formats.captions;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.item.Catalogue;
import hopsel.core.planned.PlannedClass;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.contract.Samples;

import org.junit.jupiter.api.Test;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Captions that players read: a header, cues in order, each with an end after its beginning. */
class WebVttTest {

    private static final Catalogue BUILT_IN = BuiltInCatalogue.load();
    private static final Pattern TIMES =
            Pattern.compile("(\\d{2}):(\\d{2}):(\\d{2})\\.000 --> (\\d{2}):(\\d{2}):(\\d{2})\\.000");

    private static void check(String captions) {
        assertThat(captions).startsWith("WEBVTT\n\n1\n");
        int last = -1;
        int cues = 0;
        for (String cue : captions.substring("WEBVTT\n\n".length()).split("\n\n")) {
            List<String> lines = Arrays.asList(cue.strip().split("\n"));
            assertThat(lines).hasSize(3);
            assertThat(lines.get(0)).isEqualTo(String.valueOf(++cues));
            Matcher times = TIMES.matcher(lines.get(1));
            assertThat(times.matches()).as(lines.get(1)).isTrue();
            int from = Integer.parseInt(times.group(1)) * 3600
                    + Integer.parseInt(times.group(2)) * 60
                    + Integer.parseInt(times.group(3));
            int to = Integer.parseInt(times.group(4)) * 3600
                    + Integer.parseInt(times.group(5)) * 60
                    + Integer.parseInt(times.group(6));
            assertThat(from).isGreaterThanOrEqualTo(last);
            assertThat(to).isGreaterThan(from);
            assertThat(lines.get(2)).doesNotContain("<", "-->");
            last = from;
        }
    }

    @Test
    void everyShownStepIsAChapterAndItsAmountsComeWhenTheyGoIn() throws Exception {
        PlannedClass planned = PlannedClass.of(Samples.cooking("c01-dumplings-laksa"), BUILT_IN);
        String chapters = WebVtt.chapters(planned.cooking(), WebVtt.planned(planned.plan()));
        String amounts = WebVtt.amounts(planned.cooking(), planned.catalogue(), WebVtt.planned(planned.plan()));
        check(chapters);
        check(amounts);
        long shown = planned.plan().activities().stream()
                .filter(activity -> activity.shown())
                .count();
        assertThat(Pattern.compile("-->").matcher(chapters).results().count()).isEqualTo(shown);
        long used = planned.plan().activities().stream()
                .filter(activity -> activity.shown())
                .mapToLong(activity ->
                        planned.cooking().step(activity.step()).uses().size())
                .sum();
        assertThat(Pattern.compile("-->").matcher(amounts).results().count()).isEqualTo(used);
    }
}
