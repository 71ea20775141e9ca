package hopsel.bench;

import hopsel.core.classes.CookingClass;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.Wishes;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

import java.util.concurrent.TimeUnit;

/** How long the planner takes, and with {@code -prof gc} how much it allocates: to the first plan, and to the best. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 3)
@Fork(value = 1, jvmArgs = "-Xmx200m")
public class PlannerBench {

    /** A made-up class of about 20, 40 and 50 steps, and a job shop of 150. */
    @Param({"class-20", "class-40", "class-50", "shop-150"})
    private String kind;

    private CookingClass cooking;

    /** Makes the case. */
    @Setup
    public void make() {
        cooking = switch (kind) {
            case "class-20" -> Cases.cooking(2, 7);
            case "class-40" -> Cases.cooking(4, 4);
            case "class-50" -> Cases.cooking(6, 17);
            default -> Cases.shop(15, 10, 1);
        };
    }

    /** Until the first valid plan is there. */
    @Benchmark
    public Plan first() {
        try {
            return Planner.answer(cooking, Wishes.NONE, plan -> {
                        throw new Found(plan);
                    })
                    .plan();
        } catch (Found found) {
            return found.plan;
        }
    }

    /** Until the planner is done. */
    @Benchmark
    public Plan best() {
        return Planner.plan(cooking);
    }

    private static final class Found extends RuntimeException {

        private static final long serialVersionUID = 1L;

        private final transient Plan plan;

        Found(Plan plan) {
            super(null, null, false, false);
            this.plan = plan;
        }
    }
}
