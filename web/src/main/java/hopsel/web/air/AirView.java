package hopsel.web.air;

import hopsel.core.air.AirEvent;
import hopsel.core.air.AirState;
import hopsel.core.air.AirState.Remedy;
import hopsel.core.air.AirState.Standing;
import hopsel.core.bench.Ladders;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.item.Catalogue;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.Role;
import hopsel.core.measure.CookAmount;
import hopsel.core.measure.Decimals;
import hopsel.core.planned.PlannedClass;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * What a screen shows, as it is sent: moments in seconds from going on air, so that a screen can go on counting by itself.
 *
 * @param seq     of the last event
 * @param now     the server's clock, milliseconds
 * @param onAir   when it went on air, milliseconds; null: not yet
 * @param slot    seconds that it has
 * @param end     seconds at which it will end
 * @param late    seconds later than planned; less than 0: earlier
 */
record AirView(long seq, long now, Long onAir, boolean over, int slot, int end, int late, List<Item> items, List<Help> help, List<Question> questions, List<String> notShown, List<Someone> people, long undo) {

    /** A step as it stands. */
    record Item(String key, String dish, String title, String text, String say, String cue, String status, int start, int end, int planned, String person, boolean shown, boolean main, boolean hands, boolean loud, boolean swapped,
                List<String> places, List<In> in, List<Rung> ladder, List<String> care, List<String> rescues) {
    }

    /**
     * What is said of a step whatever happens.
     *
     * @param care    what to take care of
     * @param rescues what can stand in should something fail
     */
    record Words(List<String> care, List<String> rescues) {

        private static final Words NONE = new Words(List.of(), List.of());
    }

    /** What goes in. */
    record In(String key, String what, boolean shown) {
    }

    /** What to do when something is wrong with it. */
    record Rung(String trouble, String remedy) {
    }

    /** What would bring the end forward. */
    record Help(String kind, String key, String title, int gain, String text) {
    }

    /** A question that waits. */
    record Question(long number, String text, int at) {
    }

    /** Somebody who works. */
    record Someone(String id, String name, boolean host) {
    }

    static AirView of(PlannedClass planned, AirState state, Map<String, Words> words, long seq, long now) {
        CookingClass cooking = planned.cooking();
        String assistant = cooking.people().stream().filter(person -> person.role() == Role.ASSISTANT).map(Person::id).findFirst().orElse(null);
        List<Help> help = state.onAir().isEmpty() || state.end() <= cooking.airMinutes().seconds() ? List.of()
                : state.remedies(Optional.ofNullable(assistant)).stream().limit(5).map(remedy -> help(cooking, planned, remedy, assistant)).toList();
        return new AirView(seq, now, state.onAir().map(Instant::toEpochMilli).orElse(null), state.over(), cooking.airMinutes().seconds(), state.end(), state.late(),
                state.standings().stream().map(standing -> item(planned, state, standing, words.getOrDefault(standing.activity().step().toString(), Words.NONE))).toList(), help,
                state.questions().stream().map(question -> new Question(question.number(), question.text(), (int) Duration.between(state.onAir().orElse(question.at()), question.at()).toSeconds())).toList(),
                state.notShown().stream().filter(key -> lateToShow(state, key)).map(key -> what(planned, key)).toList(), cooking.people().stream().map(person -> new Someone(person.id(), person.name(), person.role() == Role.HOST)).toList(),
                state.events().isEmpty() ? 0 : state.events().get(state.events().size() - 1).number());
    }

    /** Only what a finished step left out is a warning; a running one may still come to it. */
    private static boolean lateToShow(AirState state, String key) {
        return state.standings().stream().anyMatch(standing -> standing.status() == AirState.Status.DONE && standing.activity().shown() && key.startsWith(standing.activity().step().dish() + "/")
                && state.events().stream().anyMatch(event -> event.kind() == AirEvent.Kind.DONE && event.activity().equals(AirState.key(standing.activity()))));
    }

    private static String what(PlannedClass planned, String key) {
        String[] parts = key.split("/", 2);
        return planned.catalogue().get(planned.cooking().dish(parts[0]).line(parts[1]).item()).name();
    }

    private static Help help(CookingClass cooking, PlannedClass planned, Remedy remedy, String assistant) {
        String title = planned.plan().activities().stream().filter(activity -> AirState.key(activity).equals(remedy.key())).findFirst().map(activity -> cooking.step(activity.step()).title()).orElse("");
        return new Help(remedy.kind().name(), remedy.key(), title, remedy.gain(), remedy.kind() == AirEvent.Kind.HAND_OVER ? assistant : "");
    }

    private static Item item(PlannedClass planned, AirState state, Standing standing, Words words) {
        CookingClass cooking = planned.cooking();
        var activity = standing.activity();
        Dish dish = cooking.dish(activity.step().dish());
        Step step = cooking.step(activity.step());
        List<String> places = activity.placements().stream().map(place -> place.resource() + place.celsius().map(celsius -> " " + celsius.stripTrailingZeros().toPlainString() + " °C").orElse("")).distinct().toList();
        return new Item(AirState.key(activity), dish.title(), step.title(), step.instruction(), step.say().orElse(""), step.cue().orElse(""), standing.status().name(), standing.start(), standing.end(), activity.start(),
                standing.person().orElse(""), activity.shown(), activity.copy().isMain(), activity.person().isPresent(), step.noise().isPresent(), standing.swapped(), places,
                step.uses().stream().map(use -> in(cooking, planned.catalogue(), state, dish, dish.line(use.ingredient()), use.share())).toList(),
                Ladders.suggested(step).stream().map(rung -> new Rung(rung.trouble(), rung.remedy() + ": " + rung.dose())).toList(), words.care, words.rescues);
    }

    private static In in(CookingClass cooking, Catalogue catalogue, AirState state, Dish dish, IngredientLine line, BigDecimal share) {
        BigDecimal factor = line.scaling().factor(Decimals.ratio(cooking.provision().demoServings(), dish.servings())).multiply(share);
        String key = dish.id() + "/" + line.id();
        String name = catalogue.get(line.item()).name().toLowerCase(Locale.ROOT);
        return new In(key, line.amount().map(amount -> CookAmount.of(amount, factor, cooking.measures()) + " ").orElse("") + name, state.isShown(key));
    }
}
