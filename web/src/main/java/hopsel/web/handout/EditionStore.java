package hopsel.web.handout;

import hopsel.core.bench.HouseStyle.Matter;
import hopsel.core.classes.CookingClass;
import hopsel.core.guest.Attendee;
import hopsel.core.handout.HostWords;
import hopsel.core.item.Catalogue;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.classfile.FaultyFileException;
import hopsel.formats.handoutfile.HostWordsFile;
import hopsel.formats.json.Json;
import hopsel.web.classes.AttendeeStyles;
import hopsel.web.classes.ClassStore;
import hopsel.web.frame.NotFoundException;
import hopsel.web.guest.KeptOfGuest;
import hopsel.web.handout.HandoutMapper.EditionRow;
import hopsel.web.handout.HandoutMapper.SentRow;
import hopsel.web.kit.HandoutReaders;
import hopsel.web.tick.LabelsRead;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * Editions of the handouts of a class: sent to review, looked over by somebody else, released; and which of them
 * somebody has.
 */
@Repository
public class EditionStore implements HandoutReaders, KeptOfGuest {

    private final HandoutMapper mapper;
    private final ClassStore classes;
    private final WordsStore words;
    private final AttendeeStyles styles;
    private final LabelsRead labels;
    private final Catalogue catalogue;
    private final Clock clock;

    EditionStore(
            HandoutMapper mapper,
            ClassStore classes,
            WordsStore words,
            AttendeeStyles styles,
            LabelsRead labels,
            Catalogue catalogue,
            Clock clock) {
        this.mapper = mapper;
        this.classes = classes;
        this.words = words;
        this.styles = styles;
        this.labels = labels;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /** How an edition stands. */
    public enum State {
        REVIEW,
        REVIEWED,
        RELEASED,
        TAKEN_BACK
    }

    /** An edition, without what is in it. */
    public record Edition(
            int number,
            State state,
            String note,
            String madeBy,
            LocalDateTime madeAt,
            @Nullable String reviewedBy,
            @Nullable LocalDateTime releasedAt) {}

    /**
     * Everything that handouts follow from.
     *
     * @param styles schools by attendee
     * @param labelsRead ids of items whose labels somebody read for the class
     */
    public record Matters(
            CookingClass cooking, HostWords words, Map<String, Map<Matter, String>> styles, Set<String> labelsRead) {}

    /** As it stands now. */
    public Matters draft(long id) {
        return new Matters(
                classes.find(id).orElseThrow(NotFoundException::new).cooking(),
                words.of(id).words(),
                styles.of(id),
                labels.of(id));
    }

    /** As it stood in an edition. */
    public Matters in(long id, int number) {
        EditionRow row = mapper.edition(id, number).orElseThrow(NotFoundException::new);
        return new Matters(
                read(row.document()), HostWordsFile.read(row.words()), readStyles(row.styles()), labels.of(id));
    }

    private CookingClass read(String document) {
        try {
            return ClassFile.read(document.getBytes(StandardCharsets.UTF_8), catalogue);
        } catch (FaultyFileException e) {
            throw new IllegalStateException("An edition cannot be read.", e);
        }
    }

    List<Edition> editions(long id) {
        return mapper.editions(id).stream().map(EditionStore::edition).toList();
    }

    private static Edition edition(EditionRow row) {
        return new Edition(
                row.number(),
                State.valueOf(row.state()),
                row.note(),
                row.madeBy(),
                row.madeAt(),
                row.reviewedBy(),
                row.releasedAt());
    }

    /** The last edition that was released. */
    public Optional<Edition> released(long id) {
        return editions(id).stream()
                .filter(edition -> edition.state == State.RELEASED)
                .findFirst();
    }

    /** The edition that waits for somebody. */
    Optional<Edition> open(long id) {
        return editions(id).stream()
                .filter(edition -> edition.state == State.REVIEW || edition.state == State.REVIEWED)
                .findFirst();
    }

    /** Sends what stands now to review. */
    public void send(long id, String note, String who) {
        Matters now = draft(id);
        int number = editions(id).stream().mapToInt(Edition::number).max().orElse(0) + 1;
        mapper.addEdition(new EditionRow(
                id,
                number,
                State.REVIEW.name(),
                ClassFile.write(now.cooking),
                HostWordsFile.write(now.words),
                writeStyles(now.styles),
                note,
                who,
                now(),
                null,
                null));
    }

    /** Takes an edition a step on; false where it stood elsewhere. */
    boolean advance(long id, int number, State from, State to, @Nullable String reviewedBy) {
        return mapper.advance(id, number, from.name(), to.name(), reviewedBy, to == State.RELEASED ? now() : null) == 1;
    }

    /** The edition that each attendee has. */
    Map<String, Integer> sent(long id) {
        Map<String, Integer> sent = new TreeMap<>();
        mapper.sent(id).forEach(row -> sent.put(row.attendeeId(), row.edition()));
        return sent;
    }

    @Override
    public boolean hasOne(long id, String attendee) {
        return sent(id).containsKey(attendee);
    }

    /** Somebody has an edition now. */
    public void got(long id, String attendee, int edition) {
        mapper.putSent(id, new SentRow(attendee, edition, now()));
    }

    @Override
    public String place() {
        return "editions";
    }

    /** Takes somebody out of every edition. */
    @Override
    public JsonNode take(long id, String attendee) {
        ObjectNode taken = Json.object();
        for (EditionRow without : mapper.editions(id)) {
            EditionRow row = mapper.edition(id, without.number()).orElseThrow();
            CookingClass cooking = read(row.document());
            Map<String, Map<Matter, String>> kept = new HashMap<>(readStyles(row.styles()));
            Map<Matter, String> style = kept.remove(attendee);
            List<Attendee> others = new ArrayList<>(cooking.attendees());
            Optional<Attendee> own =
                    others.stream().filter(one -> one.id().equals(attendee)).findFirst();
            own.ifPresent(others::remove);
            rewrite(id, row.number(), cooking.withAttendees(others), kept);
            ObjectNode here = taken.putObject(String.valueOf(row.number()));
            own.ifPresent(one -> here.set("attendee", ClassFile.attendee(one)));
            if (style != null) {
                here.set("style", styleNode(style));
            }
        }
        return taken;
    }

    @Override
    public void putBack(long id, String attendee, JsonNode taken) {
        for (EditionRow without : mapper.editions(id)) {
            JsonNode here = taken.path(String.valueOf(without.number()));
            EditionRow row = mapper.edition(id, without.number()).orElseThrow();
            CookingClass cooking = read(row.document());
            List<Attendee> all = new ArrayList<>(cooking.attendees());
            if (here.has("attendee")) {
                all.add(ClassFile.readAttendee(Json.line(here.path("attendee"))));
            }
            Map<String, Map<Matter, String>> styles = new HashMap<>(readStyles(row.styles()));
            if (here.has("style")) {
                styles.put(attendee, readStyle(here.path("style")));
            }
            rewrite(id, row.number(), cooking.withAttendees(all), styles);
        }
    }

    private void rewrite(long id, int number, CookingClass cooking, Map<String, Map<Matter, String>> styles) {
        mapper.rewriteEdition(id, number, ClassFile.write(cooking), writeStyles(styles));
    }

    private static String writeStyles(Map<String, Map<Matter, String>> styles) {
        ObjectNode node = Json.object();
        styles.forEach((attendee, schools) -> {
            node.set(attendee, styleNode(schools));
        });
        return Json.line(node);
    }

    private static ObjectNode styleNode(Map<Matter, String> style) {
        ObjectNode node = Json.object();
        style.forEach((matter, school) -> node.put(matter.word(), school));
        return node;
    }

    private static Map<Matter, String> readStyle(JsonNode node) {
        Map<Matter, String> style = new EnumMap<>(Matter.class);
        node.properties().forEach(school -> Matter.of(school.getKey())
                .ifPresent(matter -> style.put(matter, school.getValue().asString(""))));
        return style;
    }

    private static Map<String, Map<Matter, String>> readStyles(String document) {
        Map<String, Map<Matter, String>> styles = new HashMap<>();
        Json.read(document.getBytes(StandardCharsets.UTF_8)).properties().forEach(entry -> {
            styles.put(entry.getKey(), readStyle(entry.getValue()));
        });
        return styles;
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
