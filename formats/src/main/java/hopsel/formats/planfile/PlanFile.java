package hopsel.formats.planfile;

import hopsel.core.dish.StepRef;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Conflict;
import hopsel.core.plan.Copy;
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
                .put("version", 1)
                .put("verdict", plan.verdict().word());
        if (plan.possible()) {
            file.put("airEnd", minutes(plan.airEnd())).put("overrun", minutes(plan.overrun()));
            ArrayNode swaps = file.putArray("swaps");
            plan.swaps().forEach(step -> swaps.add(step.toString()));
            ArrayNode notShown = file.putArray("notShown");
            plan.notShown().forEach(step -> notShown.add(step.toString()));
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

    private static void activity(ObjectNode node, Activity activity) {
        node.put("step", activity.step().toString())
                .put("copy", activity.copy().toString())
                .put("shown", activity.shown())
                .put("start", minutes(activity.start()))
                .put("end", minutes(activity.end()));
        activity.person().ifPresent(person -> node.put("person", person));
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
                conflicts);
    }

    private static List<StepRef> refs(JsonNode texts) {
        return texts.valueStream().map(text -> StepRef.parse(text.asString())).toList();
    }

    private static Activity activity(JsonNode node) {
        String copy = node.path("copy").asString();
        List<Placement> placements = node.path("resources")
                .valueStream()
                .map(place -> new Placement(
                        place.path("id").asString(),
                        place.path("units").asInt(),
                        place.has("celsius") ? Optional.of(place.path("celsius").decimalValue()) : Optional.empty()))
                .toList();
        return new Activity(
                StepRef.parse(node.path("step").asString()),
                copy.equals("main") ? Copy.MAIN : Copy.swap(StepRef.parse(copy.substring("swap:".length()))),
                node.path("shown").asBoolean(),
                seconds(node.path("start")),
                seconds(node.path("end")),
                node.has("person") ? Optional.of(node.path("person").asString()) : Optional.empty(),
                placements);
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
