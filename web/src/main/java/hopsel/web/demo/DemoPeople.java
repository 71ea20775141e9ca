package hopsel.web.demo;

import hopsel.core.classes.CookingClass;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Particulars;
import hopsel.core.guest.Particulars.Delivery;
import hopsel.core.guest.Particulars.Spice;
import hopsel.core.handout.HostWords;
import hopsel.core.handout.HostWords.Claim;
import hopsel.core.handout.HostWords.DishWords;
import hopsel.core.handout.HostWords.Mark;
import hopsel.core.handout.HostWords.Variant;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.ClassStore.Entry;
import hopsel.web.guest.HouseRules;
import hopsel.web.guest.ParticularsStore;
import hopsel.web.guest.SignupStore;
import hopsel.web.guest.SignupStore.Signup;
import hopsel.web.handout.WordsStore;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the made-up guests of the demo classes said of themselves; once, where nobody has said anything yet. */
@Component
@Order(2)
@ConditionalOnProperty("hopsel.demo")
class DemoPeople implements ApplicationRunner {

    private static final List<String> NO_ONION =
            List.of("onion", "garlic", "leek", "spring-onion", "shallot", "chives");
    private static final String QUAY =
            "Tern Quay 3, the blue door by the slipway. Doors open a quarter of an hour before.";
    private static final String STREAM =
            "The link of the stream comes by e-mail on the day. Set your tablet where no water gets to it.";

    private static final String OPINION = "To me it is the most wholesome supper of the week.";
    private static final String EXPERIENCE = "After a bowl of it I have energy for the dishes.";

    private final ClassStore classes;
    private final ParticularsStore particulars;
    private final SignupStore signups;
    private final HouseRules rules;
    private final WordsStore words;

    DemoPeople(
            ClassStore classes, ParticularsStore particulars, SignupStore signups, HouseRules rules, WordsStore words) {
        this.classes = classes;
        this.particulars = particulars;
        this.signups = signups;
        this.rules = rules;
        this.words = words;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!rules.all().isEmpty()) {
            return;
        }
        rules.keep("No onion or garlic", NO_ONION);
        for (Entry entry : classes.entries()) {
            CookingClass cooking = classes.find(entry.id()).orElseThrow().cooking();
            boolean stream = cooking.style().word().equals("stream");
            signups.keep(
                    entry.id(),
                    new Signup(
                            false,
                            Optional.of(cooking.attendees().size() + 2),
                            Optional.of(cooking.onAir().toInstant().minus(Duration.ofHours(36))),
                            stream ? STREAM : QUAY));
            for (int i = 0; i < cooking.attendees().size(); i++) {
                Attendee attendee = cooking.attendees().get(i);
                String own = i % 2 == 0 ? "blender" : "steamer";
                particulars.keep(
                        entry.id(),
                        attendee.id(),
                        new Particulars(
                                "%s@tern-quay.example".formatted(attendee.id()),
                                Spice.values()[(i + 1) % 3],
                                stream ? Delivery.values()[1 + i % 2] : Delivery.UNKNOWN,
                                stream ? List.of("oven", own) : List.of(),
                                ""));
            }
            words.begin(entry.id(), words(cooking));
        }
    }

    /** A welcome for every class, and a story for its first dish with two sentences that want a mark. */
    private static HostWords words(CookingClass cooking) {
        var dish = cooking.dishes().get(0);
        String tip = "Do this with the window open, and with *all* the small bowls filled before the pan is hot.";
        DishWords words = new DishWords(
                "We cook this on the quay when the fog comes in. " + OPINION + " " + EXPERIENCE,
                Map.of(dish.steps().findFirst().orElseThrow().id(), tip),
                "",
                Optional.empty(),
                Optional.empty(),
                "",
                List.of(new Variant("smaller, as a starter", "as in the samples on stage")),
                List.of(),
                Map.of(),
                Optional.empty());
        return new HostWords(
                "Thank you for cooking with us at the **Tern Quay Cookery Room**. Keep these pages where they get "
                        + "stains.",
                Map.of(dish.id(), words),
                Map.of(OPINION, new Mark(Claim.OPINION, ""), EXPERIENCE, new Mark(Claim.EXPERIENCE, "")));
    }
}
