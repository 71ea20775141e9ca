package hopsel.web.demo;

import hopsel.core.classes.CookingClass;
import hopsel.core.diet.Attendee;
import hopsel.core.diet.Particulars;
import hopsel.core.diet.Particulars.Delivery;
import hopsel.core.diet.Particulars.Spice;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.ClassStore.Entry;
import hopsel.web.guest.HouseRules;
import hopsel.web.guest.ParticularsStore;
import hopsel.web.guest.SignupStore;
import hopsel.web.guest.SignupStore.Signup;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

/** What the made-up guests of the demo classes said of themselves; once, where nobody has said anything yet. */
@Component
@Order(2)
@ConditionalOnProperty("hopsel.demo")
class DemoPeople implements ApplicationRunner {

    private static final List<String> NO_ONION = List.of("onion", "garlic", "leek", "spring-onion", "shallot", "chives");
    private static final String QUAY = "Tern Quay 3, the blue door by the slipway. Doors open a quarter of an hour before.";
    private static final String STREAM = "The link of the stream comes by e-mail on the day. Set your tablet where no water gets to it.";

    private final ClassStore classes;
    private final ParticularsStore particulars;
    private final SignupStore signups;
    private final HouseRules rules;

    DemoPeople(ClassStore classes, ParticularsStore particulars, SignupStore signups, HouseRules rules) {
        this.classes = classes;
        this.particulars = particulars;
        this.signups = signups;
        this.rules = rules;
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
            signups.keep(entry.id(), new Signup(false, Optional.of(cooking.attendees().size() + 2), Optional.of(cooking.onAir().toInstant().minus(Duration.ofHours(36))), stream ? STREAM : QUAY));
            for (int i = 0; i < cooking.attendees().size(); i++) {
                Attendee attendee = cooking.attendees().get(i);
                particulars.keep(entry.id(), attendee.id(), new Particulars("%s@tern-quay.example".formatted(attendee.id()), Spice.values()[(i + 1) % 3], stream ? Delivery.values()[1 + i % 2] : Delivery.UNKNOWN,
                        stream ? List.of("oven", i % 2 == 0 ? "blender" : "steamer") : List.of(), ""));
            }
        }
    }
}
