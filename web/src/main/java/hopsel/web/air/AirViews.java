package hopsel.web.air;

import hopsel.core.advice.Talk;
import hopsel.core.air.AirEvent;
import hopsel.core.air.AirState;
import hopsel.core.air.AirState.Standing;
import hopsel.core.air.AirState.Status;
import hopsel.core.air.Coverage;
import hopsel.core.air.Danger;
import hopsel.core.air.HandIn;
import hopsel.core.air.Happened.OvenSet;
import hopsel.core.air.Happened.Probe;
import hopsel.core.air.Happened.Start;
import hopsel.core.air.Looks;
import hopsel.core.air.Ovens;
import hopsel.core.air.Pause;
import hopsel.core.air.Replies;
import hopsel.core.air.Reply;
import hopsel.core.air.SafetyOnAir;
import hopsel.core.air.Spare;
import hopsel.core.air.Taste;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.TalkDish;
import hopsel.core.device.Oven;
import hopsel.core.dish.Component;
import hopsel.core.dish.ComponentRef;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.Role;
import hopsel.core.measure.CookAmount;
import hopsel.core.mise.Counted;
import hopsel.core.mise.Tray;
import hopsel.core.plan.Activity;
import hopsel.core.planned.PlannedClass;
import hopsel.core.practice.SimulatedKitchen;
import hopsel.formats.eventfile.EventFile;
import hopsel.web.air.AirView.Advice;
import hopsel.web.air.AirView.Hand;
import hopsel.web.air.AirView.Help;
import hopsel.web.air.AirView.Idea;
import hopsel.web.air.AirView.In;
import hopsel.web.air.AirView.Item;
import hopsel.web.air.AirView.Link;
import hopsel.web.air.AirView.Missing;
import hopsel.web.air.AirView.Question;
import hopsel.web.air.AirView.Ready;
import hopsel.web.air.AirView.Someone;
import hopsel.web.air.AirView.Wait;
import hopsel.web.frame.SafetyWords;

import org.jspecify.annotations.Nullable;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Writes down for screens how a class stands. Works nothing out itself. */
final class AirViews {

    private static final int MOST = 5;

    private final PlannedClass planned;
    private final CookingClass cooking;
    private final AirState state;
    private final Talk talk;
    private final Optional<SimulatedKitchen> kitchen;
    private final Map<String, Oven> ovens;
    private final SafetyWords safety;
    private final Coverage coverage;
    private final Map<String, Standing> byKey = new HashMap<>();

    AirViews(PlannedClass planned, AirState state, Talk talk, Optional<SimulatedKitchen> kitchen, SafetyWords safety) {
        this.planned = planned;
        this.cooking = planned.cooking();
        this.state = state;
        this.talk = talk;
        this.kitchen = kitchen;
        this.safety = safety;
        this.ovens = Ovens.of(state);
        this.coverage = Coverage.of(state);
        state.standings().forEach(standing -> byKey.put(AirState.key(standing.activity()), standing));
    }

    AirView view(long seq, String script, long asked, long now, int speed, List<String> before) {
        // An oven sets itself in a simulated kitchen; nobody pressed that.
        Optional<AirEvent> last = state.events().stream()
                .filter(event -> !event.is(OvenSet.class))
                .reduce((one, two) -> two);
        return new AirView(
                seq,
                script,
                asked,
                now,
                speed,
                state.onAir().map(Instant::toEpochMilli).orElse(null),
                state.over(),
                cooking.airMinutes().seconds(),
                state.end(),
                state.late(),
                last.map(AirEvent::number).orElse(0L),
                last.map(event -> EventFile.word(event.what()) + " " + title(event.activity()))
                        .orElse(""),
                kitchen.map(own -> own.comingIn(state.elapsed())).orElse(0),
                state.standings().stream().map(this::item).toList(),
                advice(),
                state.questions().stream()
                        .map(question -> new Question(question.number(), question.text(), seconds(question.at())))
                        .toList(),
                coverage.missing().stream().map(this::missing).toList(),
                SafetyOnAir.of(cooking, planned.plan(), state, planned.catalogue()).stream()
                        .map(broken -> safety.broken(broken, planned))
                        .toList(),
                cooking.people().stream()
                        .map(person -> new Someone(person.id(), person.name(), person.role() == Role.HOST))
                        .toList(),
                pause(),
                Pause.recap(state).stream().map(this::titleWithDish).toList(),
                ovens.entrySet().stream()
                        .map(oven -> oven(oven.getKey(), oven.getValue()))
                        .toList(),
                HandIn.of(state, planned.trays()).stream().map(this::handIn).toList(),
                coverage.toFilm().stream()
                        .map(standing -> AirState.key(standing.activity()))
                        .toList(),
                because(),
                before,
                Spare.of(state).stream().map(this::spare).toList());
    }

    private List<Link> because() {
        List<Link> chain = new ArrayList<>(state.chain().stream()
                .map(standing -> new Link(standing.start(), standing.end(), titleWithDish(standing.activity())))
                .toList());
        Collections.reverse(chain);
        return chain;
    }

    private int seconds(Instant at) {
        return (int) Duration.between(state.onAir().orElse(at), at).toSeconds();
    }

    private Optional<String> someone(Role role) {
        return cooking.people().stream()
                .filter(person -> person.role() == role)
                .map(Person::id)
                .findFirst();
    }

    private Advice advice() {
        Danger danger = Danger.of(state);
        if (state.onAir().isEmpty() || state.over()) {
            return new Advice(false, 0, List.of(), state.end(), List.of(), List.of());
        }
        Replies replies = new Replies(state, someone(Role.ASSISTANT));
        Replies.Way way = danger.late() ? replies.best(danger.slot()) : new Replies.Way(List.of(), state.end());
        return new Advice(
                danger.late(),
                danger.spare(),
                way.replies().stream().map(this::help).toList(),
                way.end(),
                danger.late()
                        ? replies.alone().stream().limit(MOST).map(this::help).toList()
                        : List.of(),
                replies.drops().stream().map(this::help).toList());
    }

    private Help help(Reply reply) {
        String title = reply.key().isEmpty() ? left(reply.text()) : title(reply.key());
        return new Help(reply.means().name(), EventFile.node(reply.pressed()), title, reply.gain());
    }

    private String left(String what) {
        return what.contains("/")
                ? component(ComponentRef.parse(what))
                : cooking.dish(what).title();
    }

    private String component(ComponentRef ref) {
        Dish dish = cooking.dish(ref.dish());
        return dish.title() + ": "
                + dish.components().stream()
                        .filter(own -> own.id().equals(ref.component()))
                        .findFirst()
                        .map(Component::title)
                        .orElse("");
    }

    private String title(String key) {
        return Optional.ofNullable(byKey.get(key))
                .map(standing -> cooking.step(standing.activity().step()).title())
                .orElse("");
    }

    private String titleWithDish(Activity activity) {
        String dish = cooking.dish(activity.step().dish()).title();
        String step = cooking.step(activity.step()).title();
        return dish.isEmpty() ? step : dish + ": " + step;
    }

    private Missing missing(Coverage.Missing missing) {
        String what = missing.cue()
                ? cooking.step(StepRef.parse(missing.key().replace("#cue", "")))
                        .cue()
                        .orElse("")
                : name(missing.key());
        return new Missing(missing.activity(), missing.key(), what, missing.cue(), missing.gone());
    }

    private Ready spare(Spare spare) {
        String key = AirState.key(spare.standing().activity());
        return new Ready(Spare.id(key), titleWithDish(spare.standing().activity()), spare.ready());
    }

    private String name(String key) {
        String[] parts = key.split("/", 2);
        return planned.catalogue()
                .get(cooking.dish(parts[0]).line(parts[1]).item())
                .name()
                .toLowerCase(Locale.ROOT);
    }

    private Wait pause() {
        Pause pause = Pause.of(state, talk, someone(Role.HOST).orElse(""));
        return new Wait(
                pause.seconds(),
                pause.ideas().stream()
                        .map(idea -> new Idea(
                                idea.kind().name(),
                                idea.key().isEmpty() ? idea.text() : title(idea.key()),
                                idea.seconds()))
                        .toList());
    }

    private AirView.Oven oven(String id, Oven oven) {
        int at = state.elapsed();
        return new AirView.Oven(
                cooking.place(id),
                (int) Math.round(oven.celsius(at)),
                oven.setting(at),
                oven.untilHot(at),
                oven.slow());
    }

    private Hand handIn(HandIn hand) {
        return new Hand(
                hand.id(),
                hand.what().name(),
                hand.at(),
                title(hand.key()),
                hand.trays().stream().map(this::bowl).toList());
    }

    private String bowl(Tray.Bowl bowl) {
        Counted counted = Counted.of(
                bowl,
                bowl.grams(),
                planned.catalogue().get(bowl.item()),
                planned.cooking().weigher());
        String name = counted.name().toLowerCase(Locale.ROOT);
        if (bowl.grams().signum() == 0) {
            return name;
        }
        String grams = CookAmount.grams(bowl.grams());
        return counted.amount()
                .map(amount -> "%s %s (%s)".formatted(amount, name, grams))
                .orElse(grams + " " + name);
    }

    private Item item(Standing standing) {
        Activity activity = standing.activity();
        String key = AirState.key(activity);
        Dish dish = cooking.dish(activity.step().dish());
        Step step = cooking.step(activity.step());
        boolean running = standing.status() == Status.RUNNING;
        boolean ahead = standing.status() == Status.AHEAD;
        List<String> waits = ahead ? state.waitsFor(standing) : List.of();
        return new Item(
                key,
                standing.status().name(),
                standing.start(),
                standing.end(),
                state.due(standing),
                activity.start(),
                standing.person().orElse(""),
                standing.owner(cooking).name(),
                activity.shown(),
                activity.copy().isMain(),
                activity.person().isPresent(),
                standing.swapped(),
                ahead && waits.isEmpty(),
                state.isShown(Coverage.cue(standing)),
                waits,
                running ? Looks.at(standing, step) : List.of(),
                running ? Looks.done(state, key, standing.start()) : 0,
                coverage.takes().getOrDefault(key, List.of()).stream()
                        .map(AirViews::take)
                        .toList(),
                running && activity.start() >= 0 && !TalkDish.holds(activity.step())
                        ? kitchen.map(own -> own.sight(state, standing).name()).orElse("")
                        : "",
                running ? probe(key, standing) : null,
                standing.status() == Status.FAILED ? state.endsIf(new Start(key)) : 0,
                step.uses().stream()
                        .map(use -> in(dish, dish.line(use.ingredient()), use.share()))
                        .toList());
    }

    private @Nullable Integer probe(String key, Standing standing) {
        boolean in = state.events().stream().anyMatch(event -> event.is(Probe.class, key));
        return in
                ? Ovens.probe(ovens, standing, standing.activity().duration())
                        .map(probe -> probe.reads(state.elapsed()))
                        .orElse(null)
                : null;
    }

    private static String take(Coverage.Take take) {
        String end = take.end().map(AirViews::clock).orElse("…");
        return clock(take.start()) + " – " + end + (take.good() ? "" : " ✗");
    }

    private static String clock(int seconds) {
        return "%d:%02d".formatted(seconds / 60, seconds % 60);
    }

    private In in(Dish dish, IngredientLine line, BigDecimal share) {
        String key = dish.id() + "/" + line.id();
        BigDecimal factor = line.amount().isPresent() ? SceneWriter.factor(cooking, dish, line, share) : BigDecimal.ONE;
        String taste = Taste.added(state, key)
                .map(added -> Taste.cameTo(line, added)
                        .map(amount -> CookAmount.of(amount, factor, cooking.measures()))
                        .orElse("–"))
                .orElse("");
        return new In(state.isShown(key), taste);
    }
}
