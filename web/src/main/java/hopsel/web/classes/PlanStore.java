package hopsel.web.classes;

import hopsel.core.plan.Outcome;
import hopsel.core.plan.Plan;
import hopsel.formats.json.Json;
import hopsel.formats.planfile.PlanFile;
import hopsel.web.classes.StandingMapper.PlanRow;

import org.springframework.stereotype.Component;

import java.nio.charset.StandardCharsets;
import java.util.Optional;

/** Keeps the plan of each class's current version, and the one before it. */
@Component
public class PlanStore {

    private final StandingMapper mapper;

    PlanStore(StandingMapper mapper) {
        this.mapper = mapper;
    }

    /** The last plan that was kept, of whatever version. */
    public Optional<Kept> find(long id) {
        return mapper.plan(id)
                .map(row -> new Kept(
                        row.version(),
                        new Outcome(told(read(row.document()), row.proven()), row.proven(), row.leastEnd()),
                        Optional.ofNullable(row.previous()).map(PlanStore::read)));
    }

    /** Keeps the plan of a version. */
    public void keep(long id, int version, Outcome outcome, Optional<Plan> previous) {
        mapper.keepPlan(
                id,
                new PlanRow(
                        version,
                        write(outcome.plan()),
                        outcome.proven(),
                        outcome.leastEnd(),
                        previous.map(PlanStore::write).orElse(null)));
    }

    /** A plan file has one word for what is impossible and for what was not found. */
    private static Plan told(Plan plan, boolean proven) {
        return plan.possible() || proven ? plan : Plan.notFound(plan.conflicts());
    }

    private static Plan read(String document) {
        return PlanFile.read(Json.read(document.getBytes(StandardCharsets.UTF_8)));
    }

    private static String write(Plan plan) {
        return Json.line(PlanFile.write(plan));
    }

    /**
     * A plan that was kept.
     *
     * @param version of the class
     * @param outcome its plan
     * @param previous the plan of the version before
     */
    public record Kept(int version, Outcome outcome, Optional<Plan> previous) {}
}
