package hopsel.core.bench;

import hopsel.core.bench.Objection.Rule;
import hopsel.core.dish.IngredientLine;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.KnownSubstitution;
import hopsel.core.item.Origin;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Answers that hold for every dish of a kitchen: which food its words mean, and which advice it does not need again.
 * They are given to what is new on the bench; what a host has looked at stays as it is.
 */
public final class KitchenAnswers {

    /** Advice about how a kitchen works, not about one dish: nobody is harmed where it is not given. */
    private static final Set<Rule> HABITS =
            EnumSet.of(Rule.FIRST_LOOK, Rule.CUE_MISSING, Rule.BY_EYE, Rule.APPLIANCE_UNNAMED);

    private final List<Answer> answers;

    /** The answers of a kitchen. */
    public KitchenAnswers(List<Answer> answers) {
        this.answers = List.copyOf(answers);
    }

    /** What an answer says. */
    public enum What {
        /** A recipe's words mean an item. */
        MEANS,
        /** Advice is let pass. */
        PASSES
    }

    /**
     * An answer.
     *
     * @param what it says
     * @param subject the words, in small letters, or the item that a recipe asks for; or the advice, with the item that
     *     it is about
     * @param answer id of the item; or the reason
     */
    public record Answer(What what, String subject, String answer) {}

    /**
     * What became of a dish.
     *
     * @param sheet the dish
     * @param told what was answered for it
     */
    public record Settled(Draft sheet, List<String> told) {

        /** Keeps its own copies. */
        public Settled {
            told = List.copyOf(told);
        }
    }

    /**
     * That what a line asks for means an item, always; empty where the line is neither a guess nor unknown nor of an
     * animal, for then it is what it says.
     *
     * @param catalogue with the items of the dish
     */
    public static Optional<Answer> means(IngredientLine line, Catalogue catalogue, String item) {
        return asks(line, catalogue)
                .filter(words -> !words.equals(item))
                .map(words -> new Answer(What.MEANS, words, item));
    }

    /** Whether a kitchen can say what a line means, always. */
    public static boolean isOpen(IngredientLine line, Catalogue catalogue) {
        return asks(line, catalogue).isPresent();
    }

    private static Optional<String> asks(IngredientLine line, Catalogue catalogue) {
        return line.said().map(words -> words.strip().toLowerCase(Locale.ROOT)).or(() -> catalogue
                .find(line.item())
                .filter(item -> item.isNameOnly() || item.origin() == Origin.ANIMAL)
                .map(Item::id));
    }

    /** That advice is not needed again; empty where it is about this dish, or somebody could come to harm. */
    public static Optional<Answer> passes(Objection objection, Draft sheet, String reason) {
        return subject(objection, sheet).map(subject -> new Answer(What.PASSES, subject, reason));
    }

    /** Whether advice can be let pass for good. */
    public static boolean isHabit(Objection objection) {
        return HABITS.contains(objection.rule());
    }

    private static Optional<String> subject(Objection objection, Draft sheet) {
        return Optional.of(objection)
                .filter(KitchenAnswers::isHabit)
                .map(one -> one.rule().name().toLowerCase(Locale.ROOT)
                        + sheet.line(one.place()).map(line -> ":" + line.item()).orElse(""));
    }

    /**
     * Gives the answers to what is new in a dish.
     *
     * @param before the dish before; empty: all of it is new
     */
    public Settled settle(Optional<Draft> before, Draft after, Catalogue house) {
        if (answers.isEmpty()) {
            return new Settled(after, List.of());
        }
        List<String> told = new ArrayList<>();
        Set<Named> old = before.stream()
                .flatMap(sheet -> sheet.dish().lines())
                .map(Named::of)
                .collect(Collectors.toSet());
        Catalogue catalogue = after.catalogue(house);
        Draft meant = after;
        for (IngredientLine line : after.dish().lines().toList()) {
            Optional<Item> item = old.contains(Named.of(line))
                    ? Optional.empty()
                    : asks(line, catalogue)
                            .flatMap(words -> find(What.MEANS, words))
                            .flatMap(catalogue::find);
            if (item.isPresent()) {
                told.add("“%s”: taken for %s, as always here."
                        .formatted(
                                line.said()
                                        .orElseGet(
                                                () -> catalogue.get(line.item()).name()),
                                item.get().name()));
                meant = meant(meant, line, item.get(), house);
            }
        }
        return new Settled(passed(before, meant, house), told);
    }

    /** What a line asks for; how much of it may change, and it is still the line that was looked at. */
    private record Named(String line, String item, Optional<String> said) {

        static Named of(IngredientLine line) {
            return new Named(line.id(), line.item(), line.said());
        }
    }

    /** What is known to stand in goes in by its own weight and in its own way; anything else as the line says. */
    private static Draft meant(Draft sheet, IngredientLine line, Item item, Catalogue house) {
        Optional<KnownSubstitution> known = KnownSubstitution.of(line.item()).stream()
                .filter(one -> line.said().isEmpty() && one.use().equals(item.id()))
                .findFirst();
        try {
            return known.isPresent()
                    ? Substitutions.apply(sheet, line.id(), known.get(), house)
                    : sheet.eachLine(own ->
                            own.id().equals(line.id()) ? own.withItem(item.id()).confirmed() : own);
        } catch (RefusedEditException e) {
            throw new IllegalStateException(e);
        }
    }

    private Draft passed(Optional<Draft> before, Draft after, Catalogue house) {
        Set<String> old = before.stream()
                .flatMap(sheet -> Colleague.objections(sheet, house).stream())
                .map(Objection::key)
                .collect(Collectors.toSet());
        Draft now = after;
        for (Objection objection : Colleague.objections(after, house)) {
            Optional<String> reason = subject(objection, after).flatMap(subject -> find(What.PASSES, subject));
            if (reason.isPresent() && !old.contains(objection.key())) {
                now = now.with(now.notes().passing(objection.key(), reason));
            }
        }
        return now;
    }

    private Optional<String> find(What what, String subject) {
        return answers.stream()
                .filter(answer -> answer.what() == what && answer.subject().equals(subject))
                .map(Answer::answer)
                .findFirst();
    }
}
