package hopsel.formats.classfile;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.CookingClassBuilder;
import hopsel.core.classes.Edition;
import hopsel.core.classes.Menu;
import hopsel.core.classes.MenuBuilder;
import hopsel.core.classes.Posting;
import hopsel.core.classes.PostingBuilder;
import hopsel.core.classes.Provision;
import hopsel.core.classes.ProvisionBuilder;
import hopsel.core.classes.ProvisionStockBuilder;
import hopsel.core.classes.Shared;
import hopsel.core.classes.SharedBuilder;
import hopsel.core.classes.Slot;
import hopsel.core.classes.SlotBuilder;
import hopsel.core.classes.Style;
import hopsel.core.classes.TalkPiece;
import hopsel.core.classes.TalkPieceBuilder;
import hopsel.core.classes.Tempo;
import hopsel.core.classes.TempoBuilder;
import hopsel.core.dish.ComponentRef;
import hopsel.core.item.Substitution;
import hopsel.core.item.SubstitutionBuilder;
import hopsel.core.kitchen.Kitchen;
import hopsel.core.kitchen.KitchenBuilder;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.PersonBuilder;
import hopsel.core.kitchen.PrepWindow;
import hopsel.core.kitchen.PrepWindowBuilder;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.ResourceBuilder;
import hopsel.core.kitchen.Role;
import hopsel.core.kitchen.Room;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Json;
import hopsel.formats.json.Node;
import hopsel.formats.json.Shape;
import hopsel.formats.json.Value;
import hopsel.formats.json.Values;

/** A class; sections 1, 2, 6 and 10 of the contract. */
final class ClassShape {

    /** The newest version that is read and written. */
    static final int NEWEST = 2;

    private static final Shape<SlotBuilder, Slot> SLOT = Shape.of("slot", SlotBuilder::builder, SlotBuilder::build)
            .must("startsAt", Moments.LOCAL, Slot::startsAt, SlotBuilder::startsAt)
            .must("zone", Moments.ZONE, Slot::zone, SlotBuilder::zone)
            .must("airMinutes", Values.minutes(Bounds.SOME_TIME), Slot::airMinutes, SlotBuilder::airMinutes)
            .check(ClassShape::clocksShowIt);

    private static final Shape<PrepWindowBuilder, PrepWindow> WINDOW = Shape.of(
                    "window", PrepWindowBuilder::builder, PrepWindowBuilder::build)
            .must("from", Values.minutes(Bounds.MOMENT), PrepWindow::from, PrepWindowBuilder::from)
            .must("to", Values.minutes(Bounds.MOMENT), PrepWindow::to, PrepWindowBuilder::to)
            .check(ClassShape::beforeTheClass);

    private static final Shape<PersonBuilder, Person> PERSON = Shape.of(
                    "person", PersonBuilder::builder, PersonBuilder::build)
            .must("id", Values.ID, Person::id, PersonBuilder::id)
            .must("name", Values.TEXT, Person::name, PersonBuilder::name)
            .must("role", Values.word(Role.values(), Role::word), Person::role, PersonBuilder::role);

    private static final Shape<ResourceBuilder, Resource> RESOURCE = Shape.of(
                    "resource", ResourceBuilder::builder, ResourceBuilder::build)
            .must("id", Values.ID, Resource::id, ResourceBuilder::id)
            .must("kind", Values.TEXT, Resource::kind, ResourceBuilder::kind)
            .may("name", Values.TEXT, Resource::name, ResourceBuilder::name)
            .must("units", Values.whole(Bounds.COUNT), Resource::units, ResourceBuilder::units)
            .usually("rinseMinutes", Values.minutes(Bounds.TIME), Minutes.ZERO, Resource::rinse, ResourceBuilder::rinse)
            .usually(
                    "heatPerMinute",
                    Values.number(Bounds.POSITIVE),
                    Resource.USUAL_HEAT,
                    Resource::heatPerMinute,
                    ResourceBuilder::heatPerMinute)
            .usually(
                    "coolPerMinute",
                    Values.number(Bounds.POSITIVE),
                    Resource.USUAL_COOL,
                    Resource::coolPerMinute,
                    ResourceBuilder::coolPerMinute);

    /** Who works, and what is there. */
    static final Shape<KitchenBuilder, Kitchen> KITCHEN = Shape.of(
                    "kitchen", KitchenBuilder::builder, KitchenBuilder::build)
            .must("prepWindows", Values.list(WINDOW), Kitchen::prepWindows, KitchenBuilder::prepWindows)
            .must("people", Values.list(PERSON), Kitchen::people, KitchenBuilder::people)
            .must(
                    "kitchen",
                    Values.within("resources", Values.list(RESOURCE)),
                    Kitchen::resources,
                    KitchenBuilder::resources)
            .usually("room", RoomShape.ROOM, Room.UNKNOWN, Kitchen::room, KitchenBuilder::room);

    private static final Shape<SubstitutionBuilder, Substitution> SUBSTITUTION = Shape.of(
                    "substitution", SubstitutionBuilder::builder, SubstitutionBuilder::build)
            .must("for", Values.TEXT, Substitution::replaced, SubstitutionBuilder::replaced)
            .must("use", Values.TEXT, Substitution::use, SubstitutionBuilder::use)
            .must("ratio", Values.number(Bounds.POSITIVE), Substitution::ratio, SubstitutionBuilder::ratio)
            .may("role", Values.LONG_TEXT, Substitution::role, SubstitutionBuilder::role)
            .may("note", Values.LONG_TEXT, Substitution::note, SubstitutionBuilder::note)
            .may("effect", Values.LONG_TEXT, Substitution::effect, SubstitutionBuilder::effect);

    private static final Value<ComponentRef> COMPONENT = Values.plain(
            ClassShape::component,
            new ComponentRef("", ""),
            ref -> Json.object().stringNode(ref.toString()),
            Json.object().put("type", "string").put("pattern", "^[^/]+/[^/]+$"));

    private static final Shape<SharedBuilder, Shared> SHARED = Shape.of(
                    "shared", SharedBuilder::builder, SharedBuilder::build)
            .must("made", COMPONENT, Shared::made, SharedBuilder::made)
            .must("for", COMPONENT, Shared::also, SharedBuilder::also);

    private static final Shape<MenuBuilder, Menu> MENU = Shape.of("menu", MenuBuilder::builder, MenuBuilder::build)
            .must("measures", Values.word(Measures.values(), Measures::word), Menu::measures, MenuBuilder::measures)
            .must("items", Values.list(ItemShape.ITEM), Menu::items, MenuBuilder::items)
            .must("dishes", Values.list(DishShape.DISH), Menu::dishes, MenuBuilder::dishes)
            .must("substitutions", Values.list(SUBSTITUTION), Menu::substitutions, MenuBuilder::substitutions)
            .list("shared", SHARED, Menu::shared, MenuBuilder::shared);

    private static final Shape<ProvisionStockBuilder, Provision.Stock> STOCK = Shape.of(
                    "stock", ProvisionStockBuilder::builder, ProvisionStockBuilder::build)
            .must("item", Values.TEXT, Provision.Stock::item, ProvisionStockBuilder::item)
            .must("grams", Values.number(Bounds.NOT_NEGATIVE), Provision.Stock::grams, ProvisionStockBuilder::grams);

    private static final Shape<PostingBuilder, Posting> POSTING = Shape.of(
                    "posting", PostingBuilder::builder, PostingBuilder::build)
            .must("handedDays", Values.whole(Bounds.DAYS), Posting::handedDays, PostingBuilder::handedDays)
            .must("carrierDays", Values.whole(Bounds.DAYS), Posting::carrierDays, PostingBuilder::carrierDays)
            .must("abroadDays", Values.whole(Bounds.DAYS), Posting::abroadDays, PostingBuilder::abroadDays);

    private static final Shape<ProvisionBuilder, Provision> PROVISION = Shape.of(
                    "provision", ProvisionBuilder::builder, ProvisionBuilder::build)
            .must(
                    "demoServings",
                    Values.number(Bounds.POSITIVE),
                    Provision::demoServings,
                    ProvisionBuilder::demoServings)
            .must(
                    "tastingPortions",
                    Values.number(Bounds.NOT_NEGATIVE),
                    Provision::tastingPortions,
                    ProvisionBuilder::tastingPortions)
            .must(
                    "tastingShare",
                    Values.number(Bounds.NOT_NEGATIVE),
                    Provision::tastingShare,
                    ProvisionBuilder::tastingShare)
            .must(
                    "sparePercent",
                    Values.number(Bounds.NOT_NEGATIVE),
                    Provision::sparePercent,
                    ProvisionBuilder::sparePercent)
            .must("pantry", Values.list(STOCK), Provision::pantry, ProvisionBuilder::pantry)
            .usually("mixed", Values.flag(), false, Provision::mixed, ProvisionBuilder::mixed)
            .may(
                    "asSoldPercent",
                    Values.number(Bounds.NOT_NEGATIVE),
                    Provision::asSoldPercent,
                    ProvisionBuilder::asSoldPercent)
            .may("posting", POSTING, Provision::posting, ProvisionBuilder::posting);

    private static final Shape<TalkPieceBuilder, TalkPiece> TALK = Shape.of(
                    "talk", TalkPieceBuilder::builder, TalkPieceBuilder::build)
            .must("id", Values.ID, TalkPiece::id, TalkPieceBuilder::id)
            .must("minutes", Values.minutes(Bounds.SOME_TIME), TalkPiece::minutes, TalkPieceBuilder::minutes)
            .must(
                    "at",
                    Values.word(TalkPiece.Moment.values(), TalkPiece.Moment::word),
                    TalkPiece::at,
                    TalkPieceBuilder::at)
            .may("from", Values.minutes(Bounds.TIME), TalkPiece::from, TalkPieceBuilder::from)
            .may("to", Values.minutes(Bounds.TIME), TalkPiece::to, TalkPieceBuilder::to)
            .may("title", Values.TEXT, TalkPiece::title, TalkPieceBuilder::title)
            .check(ClassShape::timesOnlyBetween);

    private static final Shape<TempoBuilder, Tempo> TEMPO = Shape.of(
                    "tempo", () -> TempoBuilder.builder().edition(Edition.FIRST), TempoBuilder::build)
            .since(2)
            .usually("turnMinutes", Values.minutes(Bounds.TIME), Minutes.ZERO, Tempo::turn, TempoBuilder::turn)
            .list("talk", TALK, Tempo::talk, TempoBuilder::talk)
            .usually(
                    "swapCost",
                    Values.whole(Bounds.WHOLE),
                    Tempo.USUAL_SWAP_COST,
                    Tempo::swapCost,
                    TempoBuilder::swapCost)
            .may("sure", Values.number(Bounds.LIKELIHOOD), Tempo::sure, TempoBuilder::sure);

    /** A class, but for the name and the version of the format. */
    static final Shape<CookingClassBuilder, CookingClass> CLASS = Shape.of(
                    "class", CookingClassBuilder::builder, CookingClassBuilder::build)
            .with(new FormatPart<>("hopsel-class", NEWEST))
            .must("title", Values.TEXT, CookingClass::title, CookingClassBuilder::title)
            .must("style", Values.word(Style.values(), Style::word), CookingClass::style, CookingClassBuilder::style)
            .inline(SLOT, CookingClass::slot, CookingClassBuilder::slot)
            .inline(KITCHEN, CookingClass::kitchen, CookingClassBuilder::kitchen)
            .inline(MENU, CookingClass::menu, CookingClassBuilder::menu)
            .must("attendees", Values.list(GuestShape.GUEST), CookingClass::attendees, CookingClassBuilder::attendees)
            .must("provision", PROVISION, CookingClass::provision, CookingClassBuilder::provision)
            .inline(TEMPO, CookingClass::tempo, CookingClassBuilder::tempo);

    private ClassShape() {}

    private static void clocksShowIt(Node node, SlotBuilder slot) {
        if (slot.zone().getRules().getValidOffsets(slot.startsAt()).isEmpty()) {
            Moments.noSuch(
                    node,
                    "startsAt",
                    slot.startsAt().toString(),
                    "The clocks of %s jump over that hour; choose another.".formatted(slot.zone()));
        }
    }

    private static void beforeTheClass(Node node, PrepWindowBuilder window) {
        if (node.isNumber("to") && window.to().compareTo(Minutes.ZERO) > 0) {
            node.note(
                    node.place().at("to"),
                    "The prep window ends at [%s], after going on air.".formatted(window.to()),
                    "Let it end at 0 or before.");
        } else if (node.isNumber("from") && node.isNumber("to") && window.from().compareTo(window.to()) > 0) {
            node.note(
                    node.place(),
                    "The prep window is turned round: from [%s] to [%s].".formatted(window.from(), window.to()),
                    "Let it begin before it ends.");
        }
        boolean sound =
                window.to().compareTo(Minutes.ZERO) <= 0 && window.from().compareTo(window.to()) <= 0;
        if (!sound) {
            window.from(Minutes.ZERO).to(Minutes.ZERO);
        }
    }

    private static void timesOnlyBetween(Node node, TalkPieceBuilder talk) {
        boolean timed = talk.from().isPresent() || talk.to().isPresent();
        if (timed && talk.at() != TalkPiece.Moment.BETWEEN) {
            node.note(
                    node.place(),
                    "Only talk between has times from and to.",
                    "Take them away, or write: \"at\": \"between\".");
        }
        if (talk.from().isPresent()
                && talk.to().isPresent()
                && talk.from().get().compareTo(talk.to().get()) > 0) {
            node.note(node.place(), "The talk ends before it begins.", "Write from ≤ to.");
        }
    }

    private static ComponentRef component(Node node, String member) {
        String text = node.text(member);
        try {
            return ComponentRef.parse(text);
        } catch (IllegalArgumentException e) {
            if (!text.isBlank()) {
                node.note(
                        node.place().at(member),
                        "[%s] names no component.".formatted(text),
                        "Write it dish/component.");
            }
            return new ComponentRef("", "");
        }
    }
}
