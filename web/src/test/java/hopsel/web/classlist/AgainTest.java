package hopsel.web.classlist;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.bench.HouseStyle.Matter;
import hopsel.core.classes.CookingClass;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Particulars;
import hopsel.web.TestContext;
import hopsel.web.classes.AttendeeStyles;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.Courses;
import hopsel.web.guest.ParticularsStore;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.web.servlet.mvc.support.RedirectAttributesModelMap;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A class that is held again, once or as a course, in the real database. */
class AgainTest {

    private final ClassStore store = TestContext.bean(ClassStore.class);
    private final Courses courses = TestContext.bean(Courses.class);
    private final AttendeeStyles styles = TestContext.bean(AttendeeStyles.class);
    private final ParticularsStore particulars = TestContext.bean(ParticularsStore.class);
    private final long id = store.add(store.find(3).orElseThrow().cooking());
    private final List<Long> fresh = new ArrayList<>();

    private CookingClass cooking(long which) {
        return store.find(which).orElseThrow().cooking();
    }

    private RedirectAttributesModelMap press(String... fields) throws Exception {
        Map<String, String> typed = new HashMap<>();
        for (int i = 0; i < fields.length; i += 2) {
            typed.put(fields[i], fields[i + 1]);
        }
        RedirectAttributesModelMap next = new RedirectAttributesModelMap();
        String path = TestContext.bean(AgainController.class).again(id, typed, next, () -> "host");
        courses.of(id).stream().filter(one -> one != id).forEach(fresh::add);
        if (path.endsWith("/set-up")) {
            fresh.add(Long.valueOf(path.replaceAll("\\D", "")));
        }
        return next;
    }

    @AfterEach
    void tidy() throws Exception {
        fresh.add(id);
        for (long one : fresh) {
            store.remove(one, store.version(one).orElseThrow());
        }
    }

    /** Everybody comes to all of it, under an id of that evening, with what they cannot have and how they cook. */
    @Test
    void aCourseTakesItsGuestsAlongWithWhatTheySaid() throws Exception {
        Attendee guest = cooking(id).attendees().stream()
                .filter(own -> !own.avoids().isEmpty())
                .findFirst()
                .orElseThrow();
        Matter matter = Matter.values()[0];
        String school = matter.schools().get(0);
        styles.keep(id, guest.id(), Map.of(matter.word(), school));
        particulars.keep(
                id,
                guest.id(),
                new Particulars(
                        "lotte@tern-quay.example",
                        Particulars.Spice.MILD,
                        Particulars.Delivery.PICK_UP,
                        List.of(),
                        ""));

        press("day", "2027-05-07", "times", "3", "every", "7", "guests", "yes");

        assertThat(courses.of(id)).hasSize(4).contains(id);
        assertThat(fresh)
                .extracting(one -> cooking(one).startsAt())
                .extracting(LocalDateTime::toLocalDate)
                .containsExactlyInAnyOrder(
                        LocalDate.of(2027, 5, 7), LocalDate.of(2027, 5, 14), LocalDate.of(2027, 5, 21));
        for (long one : fresh) {
            Attendee same = cooking(one).attendees().stream()
                    .filter(own -> own.name().equals(guest.name()))
                    .findFirst()
                    .orElseThrow();
            assertThat(same.id()).isNotEqualTo(guest.id());
            assertThat(same.avoids()).isEqualTo(guest.avoids());
            assertThat(styles.of(one)).containsEntry(same.id(), Map.of(matter, school));
            assertThat(particulars.of(one).get(same.id()).contact()).isEqualTo("lotte@tern-quay.example");
            assertThat(cooking(one).dishes()).isEqualTo(cooking(id).dishes());
            assertThat(cooking(one).attendees()).hasSameSizeAs(cooking(id).attendees());
        }
    }

    /** Once more without its guests is a class of its own, at the hour of the other. */
    @Test
    void heldOnceMoreItIsAClassOfItsOwn() throws Exception {
        press("day", "2027-06-04");
        assertThat(courses.of(id)).isEmpty();
        assertThat(fresh).singleElement().satisfies(one -> {
            assertThat(cooking(one).attendees()).isEmpty();
            assertThat(cooking(one).startsAt())
                    .isEqualTo(LocalDate.of(2027, 6, 4)
                            .atTime(cooking(id).startsAt().toLocalTime()));
            assertThat(store.find(one).map(own -> own.cooking().menu().dishes().size()))
                    .isEqualTo(Optional.of(cooking(id).dishes().size()));
        });
    }

    @ParameterizedTest
    @CsvSource({
        "someday, 1, 7, day",
        "2027-06-04, 13, 7, times",
        "2027-06-04, 0, 7, times",
        "2027-06-04, 1.5, 7, times",
        "2027-06-04, 2, 400, every",
    })
    void whatCannotBeIsToldAtItsFieldAndNothingIsMade(String day, String times, String every, String field)
            throws Exception {
        RedirectAttributesModelMap next = press("day", day, "times", times, "every", every, "guests", "yes");
        assertThat(next.getFlashAttributes().get("wrongField")).isEqualTo(field);
        assertThat(next.getFlashAttributes()).containsKeys("wrong", "typed");
        assertThat(fresh).isEmpty();
    }
}
