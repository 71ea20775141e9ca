package hopsel.formats.classfile;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Shared;
import hopsel.core.classes.Style;
import hopsel.core.diet.Attendee;
import hopsel.core.diet.Substitution;
import hopsel.core.dish.ComponentRef;
import hopsel.core.dish.Dish;
import hopsel.core.item.Item;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.PrepWindow;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Role;
import hopsel.core.kitchen.Room;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.core.provision.Provision;
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Node;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Reads the class, member by member; see the class file's contract, section 1. */
final class ClassReader {

    private static final ZoneId ANY_ZONE = ZoneId.of("UTC");
    private static final LocalDateTime ANY_DATE = LocalDateTime.of(2000, 1, 1, 0, 0);

    private final Node root;

    ClassReader(Node root) {
        this.root = root;
    }

    CookingClass read() {
        formatAndVersion();
        String title = root.text("title");
        Style style = root.word("style", Style.values(), Style::word);
        Optional<ZoneId> zone = zone(root, root.text("zone"));
        LocalDateTime startsAt = startsAt(zone);
        Minutes air = Minutes.of(root.number("airMinutes", Bounds.SOME_TIME));
        List<PrepWindow> windows = root.list("prepWindows", ClassReader::window).stream().flatMap(Optional::stream).toList();
        List<Person> people = root.list("people", ClassReader::person);
        List<Resource> resources = resources();
        Measures measures = root.word("measures", Measures.values(), Measures::word);
        List<Item> items = root.list("items", ItemReader::read);
        List<Dish> dishes = root.list("dishes", DishReader::read);
        List<Substitution> substitutions = root.list("substitutions", ClassReader::substitution);
        List<Attendee> attendees = root.list("attendees", ClassReader::attendee);
        return new CookingClass(title, style, startsAt, zone.orElse(ANY_ZONE), air, windows, people, resources, measures,
                items, dishes, substitutions, attendees, provision(), root.optionalList("shared", ClassReader::shared).orElse(List.of()).stream().flatMap(Optional::stream).toList(),
                root.optionalObject("room").map(RoomFile::readWhole).orElse(Room.UNKNOWN));
    }

    private void formatAndVersion() {
        String format = root.text("format");
        if (!format.isEmpty() && !format.equals("hopsel-class")) {
            root.note(root.place().at("format"), "The format is [%s].".formatted(format), "It must be hopsel-class.");
        }
        BigDecimal version = root.number("version", Bounds.COUNT);
        if (version.compareTo(BigDecimal.ONE) != 0) {
            root.note(root.place().at("version"), "The version is [%s].".formatted(version.toPlainString()),
                    "This program reads version 1.");
        }
    }

    private static Optional<Shared> shared(Node node) {
        Optional<ComponentRef> made = component(node, "made");
        Optional<ComponentRef> also = component(node, "for");
        return made.isEmpty() || also.isEmpty() ? Optional.empty() : Optional.of(new Shared(made.get(), also.get()));
    }

    private static Optional<ComponentRef> component(Node node, String member) {
        String text = node.text(member);
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(ComponentRef.parse(text));
        } catch (IllegalArgumentException e) {
            node.note(node.place().at(member), "[%s] names no component.".formatted(text), "Write it dish/component.");
            return Optional.empty();
        }
    }

    private static Optional<ZoneId> zone(Node node, String name) {
        if (name.isEmpty()) {
            return Optional.empty();
        }
        if (ZoneId.getAvailableZoneIds().contains(name)) {
            return Optional.of(ZoneId.of(name));
        }
        node.note(node.place().at("zone"), "There is no zone [%s].".formatted(name),
                "Write it as in the IANA list, such as Europe/Warsaw.");
        return Optional.empty();
    }

    private LocalDateTime startsAt(Optional<ZoneId> zone) {
        String text = root.text("startsAt");
        if (text.isEmpty()) {
            return ANY_DATE;
        }
        try {
            LocalDateTime at = LocalDateTime.parse(text);
            if (at.getYear() < 1900 || at.getYear() > 2999) {
                return noDate(text, "Write a year between 1900 and 2999.");
            }
            if (zone.isPresent() && zone.get().getRules().getValidOffsets(at).isEmpty()) {
                return noDate(text, "The clocks of %s jump over that hour; choose another.".formatted(zone.get()));
            }
            return at;
        } catch (DateTimeException e) {
            return noDate(text, "Write a date and time that exist, such as 2027-02-13T18:30:00.");
        }
    }

    private LocalDateTime noDate(String text, String remedy) {
        root.note(root.place().at("startsAt"), "There is no such moment as [%s].".formatted(text), remedy);
        return ANY_DATE;
    }

    private static Optional<PrepWindow> window(Node node) {
        BigDecimal from = node.number("from", Bounds.MOMENT);
        BigDecimal to = node.number("to", Bounds.MOMENT);
        if (node.isNumber("to") && to.signum() > 0) {
            node.note(node.place().at("to"), "The prep window ends at [%s], after going on air.".formatted(to.toPlainString()),
                    "Let it end at 0 or before.");
            return Optional.empty();
        }
        if (from.compareTo(to) > 0) {
            if (node.isNumber("from") && node.isNumber("to")) {
                node.note(node.place(), "The prep window is turned round: from [%s] to [%s]."
                        .formatted(from.toPlainString(), to.toPlainString()), "Let it begin before it ends.");
            }
            return Optional.empty();
        }
        return Optional.of(new PrepWindow(Minutes.of(from), Minutes.of(to)));
    }

    private static Person person(Node node) {
        return new Person(node.id("id"), node.text("name"), node.word("role", Role.values(), Role::word));
    }

    private List<Resource> resources() {
        Optional<Node> kitchen = root.object("kitchen");
        List<Resource> resources = kitchen.map(node -> node.list("resources", ClassReader::resource)).orElse(List.of());
        kitchen.ifPresent(Node::end);
        return resources;
    }

    private static Resource resource(Node node) {
        return new Resource(node.id("id"), node.text("kind"), node.number("units", Bounds.COUNT).intValue(),
                Minutes.of(node.optionalNumber("rinseMinutes", Bounds.TIME).orElse(BigDecimal.ZERO)),
                node.optionalNumber("heatPerMinute", Bounds.POSITIVE).orElse(Resource.USUAL_HEAT),
                node.optionalNumber("coolPerMinute", Bounds.POSITIVE).orElse(Resource.USUAL_COOL));
    }

    private static Substitution substitution(Node node) {
        return new Substitution(node.text("for"), node.text("use"), node.number("ratio", Bounds.POSITIVE),
                node.optionalText("role"), node.optionalText("note"), node.optionalText("effect"));
    }

    private static Map<String, String> served(Node node) {
        Map<String, String> served = new TreeMap<>();
        node.optionalList("served", own -> Map.entry(own.text("for"), own.optionalText("use").orElse(""))).orElse(List.of()).forEach(entry -> served.put(entry.getKey(), entry.getValue()));
        return served;
    }

    static Attendee attendee(Node node) {
        return new Attendee(node.id("id"), node.text("name"),
                node.texts("avoids", true, (word, at) -> Optional.of(word)),
                node.number("servings", Bounds.POSITIVE),
                node.optionalText("zone").flatMap(name -> zone(node, name)),
                node.word("gets", Attendee.Gets.values(), Attendee.Gets::word),
                node.texts("rather", false, (word, at) -> Optional.of(word)), served(node),
                node.texts("ownWords", false, (word, at) -> Optional.of(word)));
    }

    private Provision provision() {
        Optional<Node> node = root.object("provision");
        Provision provision = node.map(ClassReader::provision).orElseGet(() -> new Provision(BigDecimal.ONE,
                BigDecimal.ZERO, BigDecimal.ZERO, BigDecimal.ZERO, List.of()));
        node.ifPresent(Node::end);
        return provision;
    }

    private static Provision provision(Node node) {
        return new Provision(node.number("demoServings", Bounds.POSITIVE),
                node.number("tastingPortions", Bounds.NOT_NEGATIVE), node.number("tastingShare", Bounds.NOT_NEGATIVE),
                node.number("sparePercent", Bounds.NOT_NEGATIVE),
                node.list("pantry", stock -> new Provision.Stock(stock.text("item"),
                        stock.number("grams", Bounds.NOT_NEGATIVE))));
    }
}
