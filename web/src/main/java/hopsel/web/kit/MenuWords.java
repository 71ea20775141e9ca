package hopsel.web.kit;

import hopsel.core.classes.CookingClass;
import hopsel.core.diet.MenuChoice.Change;
import hopsel.core.diet.MenuChoice.LineServing;
import hopsel.core.diet.MenuChoice.SameKit;
import hopsel.core.diet.OwnMenu;
import hopsel.core.diet.Serving;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.web.frame.Figures;
import hopsel.web.tick.TickStore.Tick;

import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import org.springframework.util.StringUtils;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** What becomes of a line, in words. Templates call it {@code @menuWords}. */
@Component
public class MenuWords {

    private final MessageSource messages;
    private final Figures figures;

    MenuWords(MessageSource messages, Figures figures) {
        this.messages = messages;
        this.figures = figures;
    }

    /** Which line, what comes instead and where it goes in, and why. */
    public String line(LineServing line, Dish dish, Catalogue catalogue) {
        String item = catalogue.get(line.line().item()).name();
        if (line.serving() instanceof Serving.Substituted other) {
            String steps = dish.steps()
                    .filter(step -> step.uses().stream()
                            .anyMatch(use -> use.ingredient().equals(line.line().id())))
                    .map(Step::title)
                    .collect(Collectors.joining(", "));
            String said = say(
                            "menus.line.instead",
                            catalogue.get(other.substitution().use()).name(),
                            item,
                            words(other.reasons()))
                    + other.substitution().effect().map(effect -> ". " + effect).orElse("");
            String ended = said.endsWith(".") ? said : said + ".";
            return steps.isEmpty() ? said : say("menus.line.goes", ended, steps);
        }
        if (line.serving() instanceof Serving.AsWritten asIs) {
            return say("menus.line.liked", item, words(asIs.disliked()));
        }
        List<String> reasons;
        if (line.serving() instanceof Serving.LeftOut left) {
            reasons = left.reasons();
        } else if (line.serving() instanceof Serving.CannotServe cannot) {
            reasons = cannot.reasons();
        } else {
            reasons = List.of();
        }
        return say(
                line.serving() instanceof Serving.LeftOut ? "menus.line.left-out" : "menus.line.cannot",
                item,
                words(reasons));
    }

    /** What a kind of kit is, and for whom, in one sentence. */
    public String kit(SameKit kit, Catalogue catalogue) {
        String variants = kit.variants().isEmpty() ? "" : " " + String.join("; ", kit.variants()) + ".";
        return changes(kit, catalogue) + variants;
    }

    private String changes(SameKit kit, Catalogue catalogue) {
        List<String> names = kit.attendees().stream().map(Attendee::name).toList();
        if (kit.changes().isEmpty()) {
            return say("menus.told.as-written", list(names), names.size());
        }
        List<String> changes =
                kit.changes().stream().map(change -> change(change, catalogue)).toList();
        return say("menus.told.changed", list(names), names.size(), list(changes));
    }

    /** What changes for everybody, and because of whom, in one sentence. */
    public String forWhom(Change change, CookingClass cooking, Catalogue catalogue) {
        Item item = catalogue.get(change.item());
        List<String> because = cooking.attendees().stream()
                .filter(attendee -> !OwnMenu.avoided(item, attendee).isEmpty())
                .map(attendee -> "%s (%s)".formatted(attendee.name(), words(OwnMenu.avoided(item, attendee))))
                .toList();
        return say("menus.told.for", StringUtils.capitalize(change(change, catalogue)), list(because));
    }

    private String change(Change change, Catalogue catalogue) {
        String item = catalogue.get(change.item()).name();
        return change.use()
                .map(use -> say("menus.instead", catalogue.get(use.use()).name(), item))
                .orElseGet(() -> say("menus.without", item));
    }

    private String list(List<String> words) {
        int last = words.size() - 1;
        return last < 1
                ? String.join("", words)
                : say("menus.told.and", String.join(", ", words.subList(0, last)), words.get(last));
    }

    /** Names of items of a dish whose labels nobody has read for this class; empty text: none. */
    public String unread(Dish dish, List<Item> labels, Map<String, Tick> ticks) {
        return labels.stream()
                .filter(item -> dish.lines().anyMatch(line -> line.item().equals(item.id()))
                        && !(ticks.containsKey(item.id())
                                && ticks.get(item.id()).done()))
                .map(Item::name)
                .collect(Collectors.joining(", "));
    }

    private String words(List<String> reasons) {
        return reasons.stream().map(figures::word).collect(Collectors.joining(", "));
    }

    private String say(String key, Object... values) {
        return messages.getMessage(key, values, Locale.ENGLISH);
    }
}
