package hopsel.web.guest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.core.classes.CookingClass;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Attendee.Gets;
import hopsel.core.guest.Particulars;
import hopsel.core.guest.Particulars.Delivery;
import hopsel.core.guest.Particulars.Spice;
import hopsel.core.house.House;
import hopsel.core.item.Catalogue;
import hopsel.core.kit.AtStation.Claim;
import hopsel.formats.eventfile.StationFile;
import hopsel.web.TestContext;
import hopsel.web.classes.AttendeeStyles;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.Guests;
import hopsel.web.guest.SignupStore.Signup;
import hopsel.web.guest.SignupStore.Taken;
import hopsel.web.handout.EditionStore;
import hopsel.web.house.HouseStore;
import hopsel.web.vote.VoteStore;

import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

import java.math.BigDecimal;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;

import javax.sql.DataSource;

/** Guests who sign up by themselves, in the real database: all at once, twice, half, and gone again. */
class SignupStoreTest {

    private static final long MOST_STATEMENTS = 12;
    private static final long PAUSE = 200;

    private static final String MARK = "Quillfeather";

    private final ClassStore classes = TestContext.bean(ClassStore.class);
    private final SignupStore signups = TestContext.bean(SignupStore.class);
    private final JdbcTemplate database = new JdbcTemplate(TestContext.bean(DataSource.class));
    private final long id = classes.add(classes.find(3).orElseThrow().cooking());

    private static Attendee somebody(String name) {
        return new Attendee("new", name, List.of(), BigDecimal.ONE, Optional.empty(), Gets.values()[0])
                .saying(List.of("latex"));
    }

    private static Particulars particulars(String contact, String remark) {
        return new Particulars(contact, Spice.AS_WRITTEN, Delivery.UNKNOWN, List.of(), remark);
    }

    private CookingClass now() {
        return classes.find(id).orElseThrow().cooking();
    }

    private Taken press(String name, String press) throws Exception {
        return signups.signUp(id, somebody(name), particulars("somebody@tern-quay.example", ""), press);
    }

    @Test
    void twentyAtOnceAreTakenAndNoPlaceIsGivenTwice() throws Exception {
        int before = now().attendees().size();
        signups.keep(id, new Signup(true, Optional.of(before + 5), Optional.empty(), ""));
        ExecutorService twenty = Executors.newFixedThreadPool(20);
        List<Callable<Taken>> presses = IntStream.range(0, 20)
                .<Callable<Taken>>mapToObj(
                        i -> () -> press("Guest " + i, UUID.randomUUID().toString()))
                .toList();
        List<Taken> taken = new ArrayList<>();
        for (var answer : twenty.invokeAll(presses)) {
            taken.add(answer.get());
        }
        twenty.shutdown();
        assertThat(taken).filteredOn(Taken::waiting).hasSize(15);
        assertThat(now().attendees()).hasSize(before + 5);
        assertThat(signups.waiting(id)).hasSize(15);
        assertThat(taken).extracting(each -> each.attendee().id()).doesNotHaveDuplicates();
    }

    @Test
    void aPressThatComesTwiceCountsOnceAndBothAnswersOpenThePage() throws Exception {
        int before = now().attendees().size();
        String press = UUID.randomUUID().toString();
        Taken one = press("Twice", press);
        Taken two = press("Twice", press);
        assertThat(now().attendees()).hasSize(before + 1);
        assertThat(two.attendee()).isEqualTo(one.attendee());
        GuestStore links = TestContext.bean(GuestStore.class);
        assertThat(List.of(links.opened(one.secret()), links.opened(two.secret())))
                .allMatch(Optional::isPresent);
    }

    @Test
    void whoCannotBeTakenWhollyIsNotTakenAtAll() {
        int before = now().attendees().size();
        Particulars tooMuch = particulars("x".repeat(70_000), "");
        assertThatThrownBy(() -> signups.signUp(
                        id, somebody("Halfway Zorn"), tooMuch, UUID.randomUUID().toString()))
                .isInstanceOf(RuntimeException.class);
        assertThat(now().attendees()).hasSize(before);
        assertThat(mentions("Halfway Zorn")).isEmpty();
    }

    /** Whoever writes somebody else's address into the form cannot flood them, however they spell it. */
    @Test
    void nobodyGetsMoreThanFiveLettersInAnHour() throws Exception {
        for (int i = 0; i < 8; i++) {
            signups.signUp(
                    id,
                    somebody("Guest " + i),
                    particulars(i % 2 == 0 ? "flooded@tern-quay.example" : "Flooded@Tern-Quay.example", ""),
                    UUID.randomUUID().toString());
        }
        assertThat(database.queryForObject(
                        "select count(*) from mail_message where lower(address) = 'flooded@tern-quay.example'",
                        Long.class))
                .isEqualTo(5);
    }

    /** Somebody whose mark goes through everything that is kept of guests. */
    private String marked() throws Exception {
        Taken taken = signups.signUp(
                id,
                somebody(MARK),
                particulars(MARK + "@tern-quay.example", MARK + " has an auto-injector"),
                UUID.randomUUID().toString());
        String guest = taken.attendee().id();
        signups.change(
                id,
                guest,
                TestContext.bean(Catalogue.class),
                (before, known) -> new AttendeeForm.Row(before.saying(List.of(MARK)), known));
        TestContext.bean(AttendeeStyles.class).keep(id, guest, Map.of("oil", "none"));
        TestContext.bean(MadeStore.class).made(id, guest, MadeStore.Printed.LABEL, MARK, "host");
        TestContext.bean(VoteStore.class).rate(id, guest, 5, MARK + " was here");
        database.update("insert into class_idea (title, dishes, open, made_by) select 'An idea', '', true, 'host' from "
                + "dual where not exists (select 1 from class_idea)");
        TestContext.bean(VoteStore.class)
                .vote(id, guest, database.queryForObject("select min(id) from class_idea", Long.class));
        EditionStore editions = TestContext.bean(EditionStore.class);
        database.update("delete from handout_edition where class_id = ?", id);
        editions.send(id, "", "host");
        editions.got(id, guest, 1);
        database.update("insert into served_dish (class_id, attendee_id, dish_id) values (?, ?, 'sago')", id, guest);
        database.update(
                "insert into packing_event (class_id, seq, event, who, at, client) values (?, 1, ?, 'host', now(), ?)",
                id,
                StationFile.write(new Claim(guest, "1")),
                guest + "x");
        assertThat(mentions(MARK)).hasSizeGreaterThanOrEqualTo(5);
        assertThat(mentions(guest)).hasSizeGreaterThanOrEqualTo(10);
        return guest;
    }

    @Test
    void erasingLeavesTheNameInNoTable() throws Exception {
        String guest = marked();
        TestContext.bean(Removal.class).erase(id, guest, "host");
        assertThat(mentions(MARK)).isEmpty();
        assertThat(mentions(guest)).containsOnly("packing_event.client");
        assertThat(TestContext.bean(Removal.class).removed(id)).isEmpty();
    }

    /** What is removed is in no table that can be read, and comes back whole, once. */
    @Test
    void removingIsUndoneAsAWhole() throws Exception {
        String guest = marked();
        List<String> words = mentions(MARK);
        List<String> ids = mentions(guest);
        CookingClass before = now();
        Removal removal = TestContext.bean(Removal.class);
        removal.remove(id, guest, "host");
        assertThat(mentions(MARK)).isEmpty();
        assertThat(mentions(guest)).containsOnly("packing_event.client");
        Removal.Removed gone = removal.removed(id).get(0);
        assertThat(gone.name()).isEqualTo(MARK);
        assertThat(removal.putBack(id, gone.id(), "host")).isPresent();
        assertThat(mentions(MARK)).containsExactlyElementsOf(words);
        assertThat(mentions(guest)).containsExactlyElementsOf(ids);
        assertThat(now()).isEqualTo(before);
        assertThat(removal.putBack(id, gone.id(), "host")).isEmpty();
        removal.erase(id, guest, "host");
    }

    @Test
    void whoIsRemovedTwiceAtOneMomentIsKeptOnce() throws Exception {
        Removal removal = TestContext.bean(Removal.class);
        String guest =
                press("Twice Gone", UUID.randomUUID().toString()).attendee().id();
        ExecutorService both = Executors.newFixedThreadPool(4);
        Callable<Void> press = () -> {
            removal.remove(id, guest, "host");
            return null;
        };
        for (var answer : both.invokeAll(List.of(press, press, press, press))) {
            answer.get();
        }
        both.shutdown();
        assertThat(removal.removed(id)).extracting(Removal.Removed::name).containsExactly("Twice Gone");
    }

    @Test
    void nobodyIsPutBackOnceTheTermIsOverOrWhereTheHouseAllowsNone() throws Exception {
        Removal removal = TestContext.bean(Removal.class);
        removal.remove(
                id, press("Late", UUID.randomUUID().toString()).attendee().id(), "host");
        Removal.Removed gone = removal.removed(id).get(0);
        database.update("update removed_guest set until = utc_timestamp() where id = ?", gone.id());
        assertThat(removal.removed(id)).isEmpty();
        assertThat(removal.putBack(id, gone.id(), "host")).isEmpty();
        TestContext.bean(Forgetting.class).forget();
        assertThat(database.queryForList("select id from removed_guest where id = ?", gone.id()))
                .isEmpty();
        HouseStore house = TestContext.bean(HouseStore.class);
        House before = house.now();
        try {
            house.put(before.withUndoDays(0), "host");
            removal.remove(
                    id, press("Final", UUID.randomUUID().toString()).attendee().id(), "host");
        } finally {
            house.put(before, "host");
        }
        assertThat(removal.removed(id)).isEmpty();
    }

    @Test
    void guestsAreErasedOnceTheTermOfTheHouseIsOver() {
        HouseStore house = TestContext.bean(HouseStore.class);
        House before = house.now();
        CookingClass cooking = classes.find(2).orElseThrow().cooking();
        long old =
                classes.add(cooking.starting(LocalDateTime.now(ZoneOffset.UTC).minusMonths(13)));
        long young =
                classes.add(cooking.starting(LocalDateTime.now(ZoneOffset.UTC).minusMonths(11)));
        Guests people = TestContext.bean(Guests.class);
        people.addWaiting(old, somebody("Wren Late"), UUID.randomUUID().toString(), LocalDateTime.now(ZoneOffset.UTC));
        TestContext.bean(Forgetting.class).forget();
        assertThat(classes.find(old).orElseThrow().cooking().attendees())
                .as("the house has not said a term")
                .hasSize(8);
        try {
            house.put(before.withGuestMonths(Optional.of(12)), "host");
            TestContext.bean(Forgetting.class).forget();
        } finally {
            house.put(before, "host");
        }
        assertThat(classes.find(old).orElseThrow().cooking().attendees()).isEmpty();
        assertThat(people.waiting(old)).as("and whoever waited for a place").isEmpty();
        assertThat(classes.find(young).orElseThrow().cooking().attendees()).hasSize(8);
    }

    /** Whatever is kept of a guest goes with their row; only what was packed stays, for nobody. */
    @Test
    void everythingKeptOfAGuestHangsOnTheirRow() {
        String tables =
                "select distinct table_name from information_schema.columns where table_schema = database() and "
                        + "column_name in ('attendee_id', 'guest_id')";
        String hanging = "select table_name from information_schema.referential_constraints where constraint_schema = "
                + "database() and referenced_table_name = 'guest' and delete_rule = 'CASCADE'";
        List<String> kept = new ArrayList<>(database.queryForList(tables, String.class));
        assertThat(kept).hasSizeGreaterThan(9);
        kept.remove("packing_event");
        assertThat(database.queryForList(hanging, String.class)).containsAll(kept);
    }

    /** Signing up is a handful of statements, whatever the size of the class. */
    @Test
    void signingUpTakesFewStatements() throws Exception {
        // The server counts for everybody, and plans are made in the background meanwhile: the quietest counts.
        long fewest = Long.MAX_VALUE;
        for (int i = 0; i < 10 && fewest > MOST_STATEMENTS; i++) {
            long before = asked();
            press("Counted", UUID.randomUUID().toString());
            fewest = Math.min(fewest, asked() - before);
            Thread.sleep(PAUSE);
        }
        assertThat(fewest).as("statements of one sign-up").isBetween(5L, MOST_STATEMENTS);
    }

    /** Statements that the server has been asked; asking is none of them. */
    private long asked() {
        return database
                .query(
                        "show global status where variable_name in ('Com_select', 'Com_insert', 'Com_update', "
                                + "'Com_delete')",
                        (row, number) -> row.getLong("Value"))
                .stream()
                .mapToLong(Long::longValue)
                .sum();
    }

    /** Every text of every table that holds some words. */
    private List<String> mentions(String words) {
        List<Map<String, Object>> columns = database.queryForList(
                "SELECT table_name AS t, column_name AS c FROM information_schema.columns WHERE table_schema = "
                        + "DATABASE() AND data_type IN ('varchar', 'char', 'text', 'mediumtext', 'longtext')");
        assertThat(columns).hasSizeGreaterThan(40);
        return columns.stream()
                .filter(column -> database.queryForObject(
                                "SELECT COUNT(*) FROM `%s` WHERE `%s` LIKE ?"
                                        .formatted(column.get("t"), column.get("c")),
                                Long.class,
                                "%" + words + "%")
                        > 0)
                .map(column -> column.get("t") + "." + column.get("c"))
                .toList();
    }
}
