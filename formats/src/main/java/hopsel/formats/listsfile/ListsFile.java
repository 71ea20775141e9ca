package hopsel.formats.listsfile;

import hopsel.core.kit.Kit;
import hopsel.core.measure.Decimals;
import hopsel.core.mise.PrepTask;
import hopsel.core.mise.Tray;
import hopsel.core.planned.PlannedClass;
import hopsel.core.shop.Purchase;
import hopsel.formats.json.Json;
import hopsel.formats.planfile.PlanFile;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes the lists of a class; section 8 of the contract. */
public final class ListsFile {

    private ListsFile() {}

    /** The lists as a document. */
    public static ObjectNode write(PlannedClass planned) {
        ObjectNode file = Json.object().put("format", "hopsel-lists").put("version", 1);
        ArrayNode shopping = file.putArray("shopping");
        planned.shopping().forEach(purchase -> purchase(shopping.addObject(), purchase));
        ArrayNode kits = file.putArray("kits");
        planned.kits().forEach(kit -> kit(kits.addObject(), kit));
        ArrayNode prep = file.putArray("prep");
        planned.prep().forEach(task -> prep(prep.addObject(), task));
        ArrayNode trays = file.putArray("trays");
        planned.trays().stream().filter(tray -> !tray.bowls().isEmpty()).forEach(tray -> tray(trays.addObject(), tray));
        return file;
    }

    private static void purchase(ObjectNode node, Purchase purchase) {
        node.put("item", purchase.item())
                .put("demandGrams", Decimals.tenths(purchase.demandGrams()))
                .put("buyGrams", Decimals.tenths(purchase.buyGrams()));
        ArrayNode packs = node.putArray("packs");
        purchase.packs().forEach(pack -> packs.addObject()
                .put("grams", pack.pack().grams())
                .put("count", pack.count())
                .put("price", pack.pack().price()));
        node.put("cost", Decimals.money(purchase.cost())).put("leftGrams", Decimals.tenths(purchase.leftGrams()));
    }

    private static void kit(ObjectNode node, Kit kit) {
        node.put("attendee", kit.attendee().id()).put("servings", kit.attendee().servings());
        ArrayNode lines = node.putArray("lines");
        kit.lines().forEach(line -> {
            ObjectNode entry = lines.addObject()
                    .put("dish", line.dish())
                    .put("line", line.line())
                    .put("item", line.item())
                    .put("grams", Decimals.tenths(line.grams()));
            line.insteadOf().ifPresent(item -> entry.put("insteadOf", item));
        });
        ArrayNode refusals = node.putArray("cannotServe");
        kit.cannotServe().forEach(refusal -> {
            ArrayNode avoids = refusals.addObject()
                    .put("dish", refusal.dish())
                    .put("line", refusal.line())
                    .putArray("avoids");
            refusal.avoids().forEach(avoids::add);
        });
    }

    private static void prep(ObjectNode node, PrepTask task) {
        node.put("item", task.item());
        task.prep().ifPresent(cut -> node.put("prep", cut));
        node.put("grams", Decimals.tenths(task.grams()));
        ArrayNode parts = node.putArray("for");
        task.parts().forEach(part -> parts.addObject()
                .put("step", part.making().step().toString())
                .put("copy", part.making().copy().toString())
                .put("grams", Decimals.tenths(part.grams())));
    }

    private static void tray(ObjectNode node, Tray tray) {
        node.put("step", tray.activity().step().toString())
                .put("copy", tray.activity().copy().toString())
                .put("start", PlanFile.minutes(tray.activity().start()));
        ArrayNode bowls = node.putArray("bowls");
        tray.bowls().forEach(bowl -> {
            ObjectNode entry = bowls.addObject().put("item", bowl.item());
            bowl.prep().ifPresent(cut -> entry.put("prep", cut));
            entry.put("grams", Decimals.tenths(bowl.grams()));
        });
    }
}
