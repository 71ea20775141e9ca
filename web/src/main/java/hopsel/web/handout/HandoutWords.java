package hopsel.web.handout;

import hopsel.core.caution.FoundCaution;
import hopsel.core.dish.Step;
import hopsel.core.guest.Attendee;
import hopsel.core.handout.Handout;
import hopsel.core.handout.Handout.DishPart;
import hopsel.core.handout.Handout.StepPart;
import hopsel.core.handout.HostWords;
import hopsel.core.handout.Keeping;
import hopsel.core.handout.StepScale;
import hopsel.core.handout.StepScale.What;
import hopsel.core.handout.Strand;
import hopsel.core.nutrition.NutritionFacts;
import hopsel.core.nutrition.NutritionLabel;
import hopsel.formats.handoutfile.HandoutText;
import hopsel.web.frame.Figures;
import hopsel.web.frame.SafetyWords;
import hopsel.web.frame.StepWords;

import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** What stands in a handout beside its figures, in words. Templates call it {@code @handoutWords}. */
@Component
public class HandoutWords implements HandoutText.Words {

    /** Width of the small picture of time, of which names take the first part. */
    private static final int WIDTH = 520;

    private static final int NAMES = 130;

    private final Figures figures;
    private final SafetyWords safety;
    private final HostText text;
    private final StepWords steps;
    private final MessageSource messages;

    HandoutWords(Figures figures, SafetyWords safety, HostText text, StepWords steps, MessageSource messages) {
        this.figures = figures;
        this.safety = safety;
        this.text = text;
        this.steps = steps;
        this.messages = messages;
    }

    private String say(String key, Object... values) {
        return messages.getMessage(key, values, Locale.ENGLISH);
    }

    @Override
    public String word(String word) {
        return figures.word(word);
    }

    @Override
    public String caution(DishPart dish, int number) {
        return caution(dish.cautions().get(number));
    }

    /**
     * The cautions of a dish that are about something that is done in it; what holds for any dish stands at the end.
     */
    public List<FoundCaution> here(DishPart dish) {
        return dish.cautions().stream()
                .filter(found -> !found.steps().isEmpty())
                .toList();
    }

    /** The cautions that hold whatever is cooked, each once. */
    public List<FoundCaution> everywhere(Handout handout) {
        Stream<FoundCaution> all = handout.dishes().stream().flatMap(dish -> dish.cautions().stream());
        return all.filter(found -> found.steps().isEmpty())
                .sorted(Comparator.comparing(FoundCaution::caution))
                .distinct()
                .toList();
    }

    /** A caution, why it matters, and the steps it is about. */
    public String caution(FoundCaution found) {
        String steps = found.steps().isEmpty() ? "" : " " + say("caution.at", String.join(", ", found.steps()));
        return say("caution." + found.caution()) + " " + say("caution.why." + found.caution()) + steps;
    }

    @Override
    public List<String> keeping(DishPart dish) {
        Keeping keeping = dish.keeping();
        List<String> said = new ArrayList<>();
        if (!dish.words().makeAhead().isEmpty()) {
            said.add(say("handout.ahead", dish.words().makeAhead()));
        }
        keeping.fridge()
                .map(days -> days == 0 ? say("handout.eat-at-once") : say("handout.fridge", days))
                .ifPresent(said::add);
        keeping.freezer()
                .map(weeks -> weeks == 0 ? say("handout.no-freezer") : say("handout.freezer", weeks))
                .ifPresent(said::add);
        keeping.reheat().ifPresent(said::add);
        return said;
    }

    @Override
    public String scale(StepPart step) {
        StepScale scale = step.scale();
        if (inOtherRounds(step)) {
            return steps.rounds(step.step().rounds().orElseThrow(), scale.number());
        }
        return scale.what()
                .map(what -> say("handout.scale." + what, scale.number(), many(scale)))
                .orElse("");
    }

    private static boolean inOtherRounds(StepPart step) {
        boolean others = step.scale().what().filter(what -> what == What.ROUNDS).isPresent();
        return others && step.step().rounds().isPresent();
    }

    /** Their own rounds stand in the place of the recipe's. */
    @Override
    public List<String> said(StepPart step) {
        Step own = inOtherRounds(step) ? step.step().withRounds(Optional.empty()) : step.step();
        return Stream.concat(steps.said(own).stream(), step.tastes().stream().map(steps::taste))
                .toList();
    }

    @Override
    public List<String> rescues(StepPart step) {
        return step.step().rescues().stream().map(steps::rescue).toList();
    }

    @Override
    public String doubts(DishPart dish) {
        return say("doubt.before") + " " + String.join(" ", safety.doubts(dish.doubts()));
    }

    @Override
    public String ownWords(Attendee attendee) {
        return say("own-words.ask", String.join(", ", attendee.ownWords()));
    }

    private static String many(StepScale scale) {
        if (scale.what().filter(what -> what == What.TINS).isPresent()) {
            return scale.thing().endsWith("dish") ? scale.thing() + "es" : scale.thing() + "s";
        }
        return scale.thing();
    }

    @Override
    public String law() {
        return say("caution.shared") + " " + say("caution.law");
    }

    /** Seconds as whole minutes, up. */
    public String whole(int seconds) {
        return figures.whole(seconds);
    }

    /** As HTML that may stand in a page. */
    public String html(String markdown) {
        return text.html(markdown);
    }

    /** A sentence of the host with its mark. */
    public String mark(HostWords.Mark mark) {
        return say("mark." + mark.kind(), mark.source());
    }

    /** Marks of the sentences that stand in this handout, by sentence. */
    public Map<String, HostWords.Mark> marks(HostWords words, Handout handout) {
        Map<String, HostWords.Mark> marks = new LinkedHashMap<>();
        words.marks().forEach((sentence, mark) -> {
            boolean there = words.intro().contains(sentence)
                    || handout.dishes().stream()
                            .anyMatch(dish -> dish.words().story().contains(sentence)
                                    || dish.words().makeAhead().contains(sentence)
                                    || dish.words().tips().values().stream().anyMatch(tip -> tip.contains(sentence))
                                    || dish.words().variants().stream()
                                            .anyMatch(variant -> variant.what().contains(sentence))
                                    || dish.components().stream()
                                            .flatMap(component -> component.steps().stream())
                                            .anyMatch(step ->
                                                    step.step().instruction().contains(sentence)));
            if (there) {
                marks.put(sentence, mark);
            }
        });
        return marks;
    }

    /** A bar of the small picture of time. */
    public record Drawn(String title, String work, double x, double width) {}

    /** The bars of a strand, to the scale of its dish. */
    public List<Drawn> bars(DishPart dish, Strand strand) {
        double perSecond = (WIDTH - NAMES) / (double) Strand.end(dish.strands());
        return strand.bars().stream()
                .map(bar -> new Drawn(
                        bar.title(),
                        bar.work().name().toLowerCase(Locale.ROOT),
                        NAMES + bar.from() * perSecond,
                        Math.max(1.5, (bar.to() - bar.from()) * perSecond)))
                .toList();
    }

    /** Label lines for a serving. */
    public List<NutritionLabel.Shown> label(NutritionFacts facts, String layout) {
        return NutritionLabel.valueOf(layout).lines(facts);
    }
}
