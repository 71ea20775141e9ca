package hopsel.core.plan;

import static hopsel.core.solve.Literal.FALSE;
import static hopsel.core.solve.Literal.not;

import hopsel.core.dish.Dish;
import hopsel.core.plan.Problem.Task;
import hopsel.core.plan.Stretch.Use;
import hopsel.core.plan.Wishes.DishOrder;
import hopsel.core.solve.Solver;

import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What the host asked for of people and of the order of dishes, told to a model. */
final class Asked {

    private final Model model;
    private final Problem problem;
    private final Solver solver;
    private final Wishes wishes;

    Asked(Model model, Wishes wishes) {
        this.model = model;
        this.problem = model.problem;
        this.solver = model.solver;
        this.wishes = wishes;
    }

    void tell() {
        wishes.given().forEach((ref, person) -> problem.find(ref).ifPresent(task -> give(task, person)));
        wishes.voice()
                .flatMap(person -> machine(person).stream().boxed().findFirst())
                .ifPresent(person -> model.speeches.forEach(speech -> {
                    int guard = model.asked(Rule.Sort.VOICE, null, null, model.speeches.indexOf(speech));
                    only(speech.uses.get(0), person, guard);
                }));
        List<Dish> dishes = problem.cooking.dishes();
        for (int d = 1; d < dishes.size() && wishes.order() != DishOrder.ANY; d++) {
            inOrder(dishes.get(d - 1).id(), dishes.get(d).id());
        }
    }

    private OptionalInt machine(String person) {
        return IntStream.range(0, problem.cooking.people().size())
                .filter(m -> problem.machines.get(m).id().equals(person))
                .findFirst();
    }

    private void give(Task task, String person) {
        Making making = model.makings.get(task.number());
        machine(person).ifPresent(machine -> {
            int guard = model.asked(Rule.Sort.GIVEN, task, null, machine);
            Stream<Stretch> held =
                    task.hands() ? Stream.of(making) : making.hands.stream().map(hands -> hands);
            held.forEach(stretch -> only(stretch.uses.get(stretch.uses.size() - 1), machine, guard));
        });
    }

    /** Of several who might, only this one does. */
    private void only(List<Use> uses, int machine, int guard) {
        for (Use use : uses) {
            if (use.machine() != machine) {
                solver.clause(not(guard), not(use.literal()));
            }
        }
    }

    /** All that counts of one dish before all that counts of the next. */
    private void inOrder(String first, String then) {
        for (Task one : problem.tasks) {
            for (Task two : problem.tasks) {
                if (one.ref().dish().equals(first) && two.ref().dish().equals(then) && counts(one) && counts(two)) {
                    before(one, two);
                }
            }
        }
    }

    private boolean counts(Task task) {
        boolean cooked = wishes.order() == DishOrder.COOKED;
        return cooked ? task.hands() && model.shown[task.number()] != FALSE : task.isFinal();
    }

    private void before(Task one, Task two) {
        int guard = model.asked(Rule.Sort.DISHES, one, two, 0);
        Making first = model.makings.get(one.number());
        Making next = model.makings.get(two.number());
        int both = wishes.order() == DishOrder.COOKED
                ? solver.all(guard, model.shown[one.number()], model.shown[two.number()])
                : guard;
        solver.order(first.start, next.start, first.shortened, both);
        solver.order(first.start, next.start, first.full, solver.all(both, not(first.brief)));
    }
}
