package hopsel.formats.classfile;

import hopsel.core.classes.CookingClass;
import hopsel.core.diet.Attendee;
import hopsel.core.diet.Substitution;
import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Need;
import hopsel.core.dish.Source;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.item.Item;
import hopsel.core.item.Practice;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Room;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Scaling;
import hopsel.core.provision.Provision;
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Json;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;

/** Writes a class. What only repeats a default is left out, so that a file stays as short as it came. */
final class ClassWriter {

    private static final DateTimeFormatter LOCAL = DateTimeFormatter.ISO_LOCAL_DATE_TIME;

    /** Decimals kept of a figure that has no end, such as a third. */
    private static final int CARRIED = 20;

    private ClassWriter() {
    }

    static ObjectNode write(CookingClass cooking) {
        ObjectNode file = Json.object().put("format", "hopsel-class").put("version", 1)
                .put("title", cooking.title()).put("style", cooking.style().word())
                .put("startsAt", LOCAL.format(cooking.startsAt())).put("zone", cooking.zone().getId());
        put(file, "airMinutes", cooking.airMinutes());
        list(file, "prepWindows", cooking.prepWindows(), (node, window) -> {
            put(node, "from", window.from());
            put(node, "to", window.to());
        });
        list(file, "people", cooking.people(), (node, person) -> node.put("id", person.id())
                .put("name", person.name()).put("role", person.role().word()));
        list(file.putObject("kitchen"), "resources", cooking.resources(), ClassWriter::resource);
        file.put("measures", cooking.measures().word());
        list(file, "items", cooking.items(), ClassWriter::item);
        list(file, "dishes", cooking.dishes(), ClassWriter::dish);
        list(file, "substitutions", cooking.substitutions(), ClassWriter::substitution);
        list(file, "attendees", cooking.attendees(), ClassWriter::attendee);
        if (!cooking.shared().isEmpty()) {
            list(file, "shared", cooking.shared(), (node, shared) -> node.put("made", shared.made().toString()).put("for", shared.also().toString()));
        }
        provision(file.putObject("provision"), cooking.provision());
        if (!cooking.room().equals(Room.UNKNOWN)) {
            RoomFile.write(file.putObject("room"), cooking.room());
        }
        return file;
    }

    private static void resource(ObjectNode node, Resource resource) {
        node.put("id", resource.id()).put("kind", resource.kind()).put("units", resource.units());
        if (resource.rinse().compareTo(Minutes.ZERO) > 0) {
            put(node, "rinseMinutes", resource.rinse());
        }
        if (resource.heatPerMinute().compareTo(Resource.USUAL_HEAT) != 0) {
            put(node, "heatPerMinute", resource.heatPerMinute());
        }
        if (resource.coolPerMinute().compareTo(Resource.USUAL_COOL) != 0) {
            put(node, "coolPerMinute", resource.coolPerMinute());
        }
    }

    /** One item; also used for the catalogue. */
    static void item(ObjectNode node, Item item) {
        node.put("id", item.id()).put("name", item.name());
        item.gramsPerMl().ifPresent(value -> put(node, "gramsPerMl", value));
        item.gramsPerPiece().ifPresent(value -> put(node, "gramsPerPiece", value));
        item.gramsPerCan().ifPresent(value -> put(node, "gramsPerCan", value));
        if (item.edibleShare().compareTo(BigDecimal.ONE) != 0) {
            put(node, "edibleShare", item.edibleShare());
        }
        if (!item.allergens().isEmpty()) {
            ArrayNode allergens = node.putArray("allergens");
            item.allergenList().forEach(allergen -> allergens.add(allergen.word()));
        }
        node.put("origin", item.origin().word());
        item.is().ifPresent(rule -> node.put("is", rule.word()));
        item.storage().ifPresent(storage -> node.put("storage", storage.word()));
        if (!item.packs().isEmpty()) {
            list(node, "packs", item.packs(), (pack, value) -> {
                put(pack, "grams", value.grams());
                put(pack, "price", value.price());
            });
        }
        item.tolerance().ifPresent(value -> put(node, "tolerance", value));
        item.nutrients().ifPresent(nutrients -> {
            ObjectNode values = node.putObject("nutrients");
            nutrients.values().forEach((name, value) -> put(values, name, value));
        });
        practice(node, item.practice());
        text(node, "takenFor", item.takenFor());
    }

    private static void practice(ObjectNode node, Practice practice) {
        if (!practice.names().isEmpty()) {
            ArrayNode names = node.putArray("names");
            practice.names().forEach(names::add);
        }
        if (!practice.pieces().isEmpty()) {
            ObjectNode pieces = node.putObject("pieces");
            practice.pieces().forEach((size, grams) -> put(pieces, size, grams));
        }
        practice.canNet().ifPresent(value -> put(node, "canNet", value));
        practice.soaked().ifPresent(value -> put(node, "soaked", value));
        practice.cooked().ifPresent(value -> put(node, "cooked", value));
        if (!practice.sources().isEmpty()) {
            ObjectNode sources = node.putObject("sources");
            practice.sources().forEach((figure, source) -> sources.put(figure, source.word()));
        }
    }

    /** One dish. */
    static void dish(ObjectNode node, Dish dish) {
        node.put("id", dish.id()).put("title", dish.title());
        put(node, "servings", dish.servings());
        list(node, "components", dish.components(), ClassWriter::component);
        texts(node, "unread", dish.passages().unread());
        texts(node, "aside", dish.passages().aside());
    }

    private static void texts(ObjectNode node, String member, List<String> texts) {
        if (!texts.isEmpty()) {
            ArrayNode array = node.putArray(member);
            texts.forEach(array::add);
        }
    }

    private static void component(ObjectNode node, Component component) {
        node.put("id", component.id()).put("title", component.title());
        list(node, "ingredients", component.ingredients(), ClassWriter::line);
        ArrayNode steps = node.putArray("steps");
        Optional<String> previous = Optional.empty();
        for (Step step : component.steps()) {
            step(steps.addObject(), step, previous.map(before -> List.of(After.of(before))).orElse(List.of()));
            previous = Optional.of(step.id());
        }
    }

    private static void line(ObjectNode node, IngredientLine line) {
        node.put("id", line.id()).put("item", line.item());
        line.amount().ifPresent(amount -> amount(node, amount));
        text(node, "prep", line.prep());
        if (line.scaling() != Scaling.LINEAR) {
            node.put("scaling", line.scaling().word());
        }
        if (line.optional()) {
            node.put("optional", true);
        }
        if (line.from() != Source.KIT) {
            node.put("from", line.from().word());
        }
        text(node, "said", line.said());
    }

    private static void amount(ObjectNode node, Amount amount) {
        if (amount.isRange()) {
            ObjectNode ends = node.putObject("amount");
            put(ends, "low", amount.low());
            put(ends, "high", amount.high());
        } else {
            put(node, "amount", amount.high());
        }
        node.put("unit", amount.unit().word());
        text(node, "size", amount.size());
    }

    private static void step(ObjectNode node, Step step, List<After> usual) {
        node.put("id", step.id()).put("title", step.title());
        text(node, "text", step.text());
        minutes(node, step.minutes());
        node.put("work", step.work().word()).put("show", step.show().word());
        if (!step.needs().isEmpty()) {
            list(node, "needs", step.needs(), ClassWriter::need);
        }
        if (!step.after().equals(usual)) {
            list(node, "after", step.after(), ClassWriter::after);
        }
        step.keeps().ifPresent(value -> put(node, "keeps", value));
        step.swap().ifPresent(value -> put(node.putObject("swap"), "showMinutes", value));
        if (!step.uses().isEmpty()) {
            list(node, "uses", step.uses(), (use, value) -> {
                use.put("ingredient", value.ingredient());
                if (value.share().compareTo(BigDecimal.ONE) != 0) {
                    put(use, "share", value.share());
                }
            });
        }
        step.checkEvery().ifPresent(value -> put(node, "checkEvery", value));
        text(node, "cue", step.cue());
        text(node, "say", step.say());
        text(node, "noise", step.noise());
        RoomFile.tools(node, step.tools());
    }

    private static void minutes(ObjectNode node, StepMinutes minutes) {
        if (!minutes.isRange()) {
            put(node, "minutes", minutes.likely());
            return;
        }
        ObjectNode ends = node.putObject("minutes");
        put(ends, "low", minutes.low());
        put(ends, "likely", minutes.likely());
        put(ends, "high", minutes.high());
    }

    private static void need(ObjectNode node, Need need) {
        node.put("kind", need.kind());
        if (need.units() != 1) {
            node.put("units", need.units());
        }
        need.celsius().ifPresent(value -> put(node, "celsius", value));
        if (need.tolerance().signum() != 0) {
            put(node, "tolerance", need.tolerance());
        }
    }

    private static void after(ObjectNode node, After after) {
        node.put("step", after.step());
        if (after.least().compareTo(Minutes.ZERO) != 0) {
            put(node, "wait", after.least());
        }
        after.within().ifPresent(value -> put(node, "within", value));
    }

    private static void substitution(ObjectNode node, Substitution substitution) {
        node.put("for", substitution.replaced()).put("use", substitution.use());
        put(node, "ratio", substitution.ratio());
        text(node, "role", substitution.role());
        text(node, "note", substitution.note());
        text(node, "effect", substitution.effect());
    }

    static void attendee(ObjectNode node, Attendee attendee) {
        node.put("id", attendee.id()).put("name", attendee.name());
        ArrayNode avoids = node.putArray("avoids");
        attendee.avoids().forEach(avoids::add);
        put(node, "servings", attendee.servings());
        attendee.zone().ifPresent(zone -> node.put("zone", zone.getId()));
        node.put("gets", attendee.gets().word());
        texts(node, "rather", attendee.rather());
        texts(node, "ownWords", attendee.ownWords());
        if (!attendee.served().isEmpty()) {
            ArrayNode served = node.putArray("served");
            attendee.served().forEach((item, use) -> {
                ObjectNode own = served.addObject().put("for", item);
                if (!use.isEmpty()) {
                    own.put("use", use);
                }
            });
        }
    }

    private static void provision(ObjectNode node, Provision provision) {
        put(node, "demoServings", provision.demoServings());
        put(node, "tastingPortions", provision.tastingPortions());
        put(node, "tastingShare", provision.tastingShare());
        put(node, "sparePercent", provision.sparePercent());
        list(node, "pantry", provision.pantry(), (stock, value) -> {
            stock.put("item", value.item());
            put(stock, "grams", value.grams());
        });
    }

    private static <T> void list(ObjectNode node, String member, List<T> entries, BiConsumer<ObjectNode, T> writer) {
        ArrayNode array = node.putArray(member);
        entries.forEach(entry -> writer.accept(array.addObject(), entry));
    }

    private static void text(ObjectNode node, String member, Optional<String> text) {
        text.ifPresent(value -> node.put(member, value));
    }

    private static void put(ObjectNode node, String member, Minutes minutes) {
        put(node, member, minutes.value());
    }

    private static void put(ObjectNode node, String member, BigDecimal number) {
        if (number.scale() <= 0 && number.precision() < 18) {
            node.put(member, number.longValueExact());
        } else {
            node.put(member, number.scale() > Bounds.MOST_DECIMALS ? number.setScale(CARRIED, RoundingMode.HALF_UP) : number);
        }
    }
}
