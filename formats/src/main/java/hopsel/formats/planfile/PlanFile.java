package hopsel.formats.planfile;

import hopsel.core.dish.StepRef;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Conflict;
import hopsel.core.plan.Copy;
import hopsel.core.plan.HandsPart;
import hopsel.core.plan.Pace;
import hopsel.core.plan.Placement;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Verdict;
import hopsel.formats.json.Json;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Writes plans; section 5 of the contract. The same plan always gives the same bytes. */
public final class PlanFile {

    private static final BigDecimal SIXTY = BigDecimal.valueOf(60);

    private PlanFile() {}

    /** The plan as a document. */
    public static ObjectNode write(Plan plan) {
        ObjectNode file = Json.object()
                .put("format", "hopsel-plan")
                .put("version", plan.pace().isPresent() ? 2 : 1)
                .put("verdict", plan.verdict().word());
        if (plan.possible()) {
            file.put("airEnd", minutes(plan.airEnd())).put("overrun", minutes(plan.overrun()));
            ArrayNode swaps = file.putArray("swaps");
            plan.swaps().forEach(step -> swaps.add(step.toString()));
            ArrayNode notShown = file.putArray("notShown");
            plan.notShown().forEach(step -> notShown.add(step.toString()));
            plan.pace().ifPresent(pace -> pace(file, pace));
        }
        ArrayNode activities = file.putArray("activities");
        plan.activities().forEach(activity -> activity(activities.addObject(), activity));
        ArrayNode conflicts = file.putArray("conflicts");
        plan.conflicts().forEach(conflict -> {
            ObjectNode node = conflicts.addObject().put("rule", conflict.rule());
            ArrayNode steps = node.putArray("steps");
            conflict.steps().stream().map(StepRef::toString).forEach(steps::add);
            node.put("message", conflict.message());
        });
        return file;
    }

    private static void pace(ObjectNode file, Pace pace) {
        file.put("cost", pace.cost()).put("changes", pace.changes());
        pace.onTime().ifPresent(share -> file.put("onTime", share));
        ArrayNode talk = file.putArray("talk");
        pace.talk().forEach(said -> talk.addObject()
                .put("id", said.id())
                .put("person", said.person())
                .put("start", minutes(said.start()))
                .put("end", minutes(said.end())));
    }

    private static void activity(ObjectNode node, Activity activity) {
        node.put("step", activity.step().toString())
                .put("copy", activity.copy().toString())
                .put("shown", activity.shown())
                .put("start", minutes(activity.start()))
                .put("end", minutes(activity.end()));
        activity.person().ifPresent(person -> node.put("person", person));
        if (!activity.hands().isEmpty()) {
            ArrayNode hands = node.putArray("hands");
            activity.hands().forEach(part -> hands.addObject()
                    .put("part", part.part().word())
                    .put("person", part.person())
                    .put("start", minutes(part.start()))
                    .put("end", minutes(part.end())));
        }
        ArrayNode resources = node.putArray("resources");
        activity.placements().forEach(placement -> {
            ObjectNode resource =
                    resources.addObject().put("id", placement.resource()).put("units", placement.units());
            placement.celsius().ifPresent(celsius -> resource.put("celsius", celsius));
        });
    }

    /**
     * A plan that was written here.
     *
     * @throws IllegalArgumentException where the document is no such plan
     */
    public static Plan read(JsonNode file) {
        Verdict verdict = Arrays.stream(Verdict.values())
                .filter(own -> own.word().equals(file.path("verdict").asString()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("That is no plan."));
        List<Activity> activities =
                file.path("activities").valueStream().map(PlanFile::activity).toList();
        List<Conflict> conflicts = file.path("conflicts")
                .valueStream()
                .map(conflict -> new Conflict(
                        conflict.path("rule").asInt(),
                        refs(conflict.path("steps")),
                        conflict.path("message").asString()))
                .toList();
        return new Plan(
                verdict,
                seconds(file.path("airEnd")),
                seconds(file.path("overrun")),
                refs(file.path("swaps")),
                refs(file.path("notShown")),
                activities,
                conflicts,
                file.path("version").asInt() == 2 ? Optional.of(pace(file)) : Optional.empty());
    }

    private static Pace pace(JsonNode file) {
        List<Pace.Talk> talk = file.path("talk")
                .valueStream()
                .map(said -> new Pace.Talk(
                        said.path("id").asString(),
                        said.path("person").asString(),
                        seconds(said.path("start")),
                        seconds(said.path("end"))))
                .toList();
        JsonNode share = file.path("onTime");
        return new Pace(
                talk,
                file.path("cost").asInt(0),
                file.path("changes").asInt(0),
                share.isNumber() ? Optional.of(share.asDouble()) : Optional.empty());
    }

    private static Copy copy(String text) {
        return switch (text) {
            case "main" -> Copy.MAIN;
            case "part" -> Copy.PART;
            default -> Copy.swap(StepRef.parse(text.substring("swap:".length())));
        };
    }

    private static Activity.Hands hands(JsonNode node) {
        String word = node.path("part").asString();
        return new Activity.Hands(
                Arrays.stream(HandsPart.values())
                        .filter(part -> part.word().equals(word))
                        .findFirst()
                        .orElseThrow(() -> new IllegalArgumentException("That is no plan.")),
                node.path("person").asString(),
                seconds(node.path("start")),
                seconds(node.path("end")));
    }

    private static List<StepRef> refs(JsonNode texts) {
        return texts.valueStream().map(text -> StepRef.parse(text.asString())).toList();
    }

    private static Activity activity(JsonNode node) {
        List<Placement> placements = node.path("resources")
                .valueStream()
                .map(place -> new Placement(
                        place.path("id").asString(),
                        place.path("units").asInt(),
                        place.has("celsius") ? Optional.of(place.path("celsius").decimalValue()) : Optional.empty()))
                .toList();
        return new Activity(
                StepRef.parse(node.path("step").asString()),
                copy(node.path("copy").asString()),
                node.path("shown").asBoolean(),
                seconds(node.path("start")),
                seconds(node.path("end")),
                node.has("person") ? Optional.of(node.path("person").asString()) : Optional.empty(),
                placements,
                node.path("hands").valueStream().map(PlanFile::hands).toList());
    }

    private static int seconds(JsonNode minutes) {
        return minutes.isNumber() ? Minutes.of(minutes.decimalValue()).seconds() : 0;
    }

    /** Minutes with as many decimals as bring back the same second. */
    public static BigDecimal minutes(int seconds) {
        BigDecimal minutes = BigDecimal.valueOf(seconds)
                .divide(SIXTY, 6, RoundingMode.HALF_UP)
                .stripTrailingZeros();
        return minutes.scale() < 0 ? minutes.setScale(0) : minutes;
    }
}
