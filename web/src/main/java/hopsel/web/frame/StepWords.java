package hopsel.web.frame;

import hopsel.core.dish.PerWeight;
import hopsel.core.dish.Rescue;
import hopsel.core.dish.Rounds;
import hopsel.core.dish.Step;
import hopsel.core.handout.Seasoning;
import hopsel.core.measure.Minutes;

import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import org.springframework.util.StringUtils;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What the host said on the bench of how a step is done, in sentences. Templates call it {@code @stepWords}. */
@Component("stepWords")
public class StepWords {

    private final MessageSource messages;
    private final Figures figures;

    StepWords(MessageSource messages, Figures figures) {
        this.messages = messages;
        this.figures = figures;
    }

    private String say(String key, Object... values) {
        return messages.getMessage(key, values, Locale.ENGLISH);
    }

    /** In rounds, by weight, when to look first; in this order. */
    public List<String> said(Step step) {
        List<String> said = new ArrayList<>();
        step.rounds().filter(rounds -> rounds.count() > 1).ifPresent(rounds -> said.add(rounds(rounds)));
        step.perWeight().ifPresent(weight -> said.add(weight(weight)));
        step.firstLook().ifPresent(first -> said.add(say("step.first-look", time(first))));
        return said;
    }

    /** In another number of rounds, each as long. */
    public String rounds(Rounds rounds, int number) {
        return say("handout.scale.rounds-of", number, time(rounds.each()));
    }

    private String rounds(Rounds rounds) {
        return say(
                "step.rounds",
                rounds.count(),
                time(rounds.each()),
                figures.number(rounds.perRound().multiply(BigDecimal.valueOf(rounds.pans()))));
    }

    private String weight(PerWeight weight) {
        return say("step.by-weight", time(weight.base()), time(weight.perKg()));
    }

    private String time(Minutes minutes) {
        return figures.time(minutes.seconds());
    }

    /** What is done when it goes wrong, mildest first. */
    public String rescue(Rescue rescue) {
        return say(
                "step.rescue",
                StringUtils.capitalize(rescue.trouble()),
                rescue.remedy(),
                rescue.dose(),
                rescue.limit());
    }

    /** How an amount is found by taste. */
    public String taste(Seasoning taste) {
        return say("step.by-taste", taste.name(), taste.start(), taste.by(), taste.most(), taste.cue());
    }
}
