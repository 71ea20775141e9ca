package hopsel.web.handout;

import hopsel.core.caution.FoundCaution;
import hopsel.core.classes.CookingClass;
import hopsel.core.handout.HostWords;
import hopsel.core.handout.HostWords.DishWords;
import hopsel.core.item.Catalogue;

import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * The cautions of a class wherever it is cooked from: less what the host hides, with what the host adds. Templates call
 * it {@code @handoutCautions}.
 */
@Component
public class HandoutCautions {

    private final WordsStore store;
    private final HandoutWords say;
    private final MessageSource messages;

    HandoutCautions(WordsStore store, HandoutWords say, MessageSource messages) {
        this.store = store;
        this.say = say;
        this.messages = messages;
    }

    /** Sentences by title of the dish, each with why and where. */
    public Map<String, List<String>> ofDishes(long id, CookingClass cooking, Catalogue catalogue) {
        HostWords words = store.of(id).words();
        Map<String, List<String>> all = new LinkedHashMap<>();
        cooking.dishes().forEach(dish -> {
            DishWords own = words.dish(dish.id());
            List<String> said = new ArrayList<>(FoundCaution.of(dish, catalogue).stream()
                    .filter(found -> !own.hidden().containsKey(found.caution()))
                    .map(say::caution)
                    .toList());
            said.addAll(own.cautions());
            all.put(dish.title(), said);
        });
        return all;
    }

    /** Short sentences by {@code dish/step}, for whoever is doing it. */
    public Map<String, List<String>> ofSteps(long id, CookingClass cooking, Catalogue catalogue) {
        HostWords words = store.of(id).words();
        Map<String, List<String>> all = new LinkedHashMap<>();
        cooking.dishes().forEach(dish -> FoundCaution.of(dish, catalogue).stream()
                .filter(found -> !words.dish(dish.id()).hidden().containsKey(found.caution()))
                .forEach(found -> dish.steps()
                        .filter(step -> found.steps().contains(step.title()))
                        .forEach(step -> all.computeIfAbsent(dish.id() + "/" + step.id(), any -> new ArrayList<>())
                                .add(messages.getMessage("caution." + found.caution(), null, Locale.ENGLISH)))));
        return all;
    }
}
