package hopsel.web.kit;

import hopsel.core.classes.CookingClass;
import hopsel.core.diet.OwnMenu;
import hopsel.core.dish.Dish;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Phrase;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.kit.Kit;
import hopsel.core.kit.Mix;
import hopsel.core.kit.Mixing;
import hopsel.core.kit.Packing;
import hopsel.core.kit.PackingRun;
import hopsel.core.kit.Portion;
import hopsel.web.frame.Figures;

import org.jspecify.annotations.Nullable;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How the packing stands, in words. Templates call it {@code @packingState}. */
@Component
public class PackingState {

    private final Figures figures;
    private final MessageSource messages;

    PackingState(Figures figures, MessageSource messages) {
        this.messages = messages;
        this.figures = figures;
    }

    /** Kits that are closed and hold what their attendee needs. */
    public long done(Packing packing, PackingRun run) {
        return packing.kits().stream()
                .map(kit -> kit.attendee().id())
                .filter(kit -> run.closed(kit) && !run.redo(kit))
                .count();
    }

    /** Kits that are closed and do not. */
    public List<Kit> redo(Packing packing, PackingRun run) {
        return packing.kits().stream()
                .filter(kit -> run.redo(kit.attendee().id()))
                .toList();
    }

    /** What a portion of a kit is in place of; null where it is as written. */
    public @Nullable String instead(Kit kit, Portion portion) {
        Stream<Kit.Line> own = kit.lines().stream()
                .filter(line ->
                        line.dish().equals(portion.dish()) && line.item().equals(portion.item()));
        return own.flatMap(line -> line.insteadOf().stream()).findFirst().orElse(null);
    }

    /** A dish as an attendee has it: with the variant's name where not everybody has the same. */
    public String called(Dish dish, Attendee attendee, CookingClass cooking, Catalogue catalogue) {
        return dish.variants().isEmpty()
                ? dish.title()
                : OwnMenu.of(cooking, catalogue).own(dish, attendee).titleForSome();
    }

    /** What an attendee gets of dishes of which not everybody has the same. */
    public String variants(Attendee attendee, CookingClass cooking, Catalogue catalogue) {
        return cooking.dishes().stream()
                .filter(dish -> !dish.variants().isEmpty())
                .map(dish -> called(dish, attendee, cooking, catalogue))
                .collect(Collectors.joining("; "));
    }

    /** Names of those whose kits these are; of whom nobody knows any more, the number. */
    public String people(List<String> kits, CookingClass cooking) {
        return kits.stream()
                .map(kit -> cooking.attendees().stream()
                        .filter(own -> own.id().equals(kit))
                        .map(Attendee::name)
                        .findFirst()
                        .orElse(kit))
                .collect(Collectors.joining(", "));
    }

    /** How much of it goes into a kit: pieces, packs as they are sold, or grams. */
    public String amount(Portion portion) {
        if (portion.sold().isPresent()) {
            BigDecimal grams = portion.sold().get().pack().grams();
            return messages.getMessage(
                    "portion.packs", new Object[] {portion.pieces(), figures.grams(grams)}, Locale.ENGLISH);
        }
        return portion.isCounted() ? "%d ×".formatted(portion.pieces()) : figures.grams(portion.grams());
    }

    /** How much of a pack goes into a dish; null where all of it does, or where it is no pack. */
    public @Nullable String ofPack(Portion portion, String dish) {
        BigDecimal grams = portion.sold()
                .map(Portion.Sold::dishes)
                .map(dishes -> dishes.get(dish))
                .orElse(null);
        return grams == null || grams.compareTo(portion.grams()) == 0
                ? null
                : messages.getMessage("portion.of-pack", new Object[] {figures.grams(grams)}, Locale.ENGLISH);
    }

    /**
     * What is in a bag that was mixed, each with what it is in place of; nothing for anything else.
     *
     * @param item id of the item or mix
     */
    public List<String> inside(Kit kit, String item, Packing packing) {
        return packing.mixing().find(item).stream()
                .flatMap(mix -> mix.parts().stream().map(part -> inside(kit, mix, part, packing.catalogue())))
                .toList();
    }

    private String inside(Kit kit, Mix mix, Mix.Part part, Catalogue catalogue) {
        String name = catalogue.get(part.item()).name();
        return kit.lines().stream()
                .filter(line -> line.dish().equals(mix.dish()) && line.line().equals(part.line()))
                .flatMap(line -> line.insteadOf().stream())
                .findFirst()
                .map(other -> messages.getMessage(
                        "menus.instead",
                        new Object[] {name, catalogue.get(other).name()},
                        Locale.ENGLISH))
                .orElse(name);
    }

    /** Names of items, or a dash. */
    public String items(List<Portion.Key> keys, Catalogue catalogue) {
        return keys.isEmpty()
                ? "–"
                : keys.stream().map(key -> word(key.item(), catalogue)).collect(Collectors.joining(", "));
    }

    /** Names of items, or a dash. */
    public String portions(List<Portion> portions, Catalogue catalogue) {
        return items(portions.stream().map(Portion::key).toList(), catalogue);
    }

    /** Names of items. */
    public String names(List<String> items, Catalogue catalogue) {
        return items.stream().map(item -> word(item, catalogue)).collect(Collectors.joining(", "));
    }

    /** How many kits have an item in them, of those that need it. */
    public long packed(Packing packing, PackingRun run, String item) {
        return packing.kits().stream()
                .filter(kit -> run.in(kit.attendee().id()).keySet().stream()
                                .anyMatch(key -> key.item().equals(item))
                        && run.missing(kit.attendee().id()).stream()
                                .noneMatch(portion -> portion.item().equals(item)))
                .count();
    }

    /** What somebody avoids, in words: an allergen, a rule or an item. */
    public String word(String avoided, Catalogue catalogue) {
        return catalogue
                .find(avoided)
                .map(Item::name)
                .orElseGet(() -> Mixing.isMix(avoided)
                        ? messages.getMessage("packing.mix.before", null, Locale.ENGLISH)
                        : figures.word(avoided));
    }

    /** What is left out of which dish. */
    public String leftOut(String what, CookingClass cooking, Catalogue catalogue) {
        String[] two = what.split("/", 2);
        String item = catalogue.find(two[two.length - 1]).map(Item::name).orElse(two[two.length - 1]);
        return cooking.dishes().stream()
                .filter(dish -> dish.id().equals(two[0]))
                .findFirst()
                .map(dish -> "%s, %s".formatted(item, dish.title()))
                .orElse(item);
    }

    /** What has to be asked about: all of it, or, where it is refused by name, what is bought ready-made. */
    public String ask(String said, Attendee attendee, Catalogue catalogue) {
        boolean named = Phrase.exact(said, catalogue).stream().anyMatch(attendee.avoids()::contains);
        return messages.getMessage(
                named ? "own-words.flag-named" : "own-words.flag", new Object[] {said}, Locale.ENGLISH);
    }
}
