package hopsel.bench;

import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Need;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Work;
import hopsel.core.measure.Minutes;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The dishes that made-up classes are put together from; {@code dishes.txt} says how they are written. */
final class Dishes {

    private Dishes() {}

    static List<Dish> all() {
        Map<String, List<Component>> dishes = new LinkedHashMap<>();
        String name = "";
        for (String line : text().lines()
                .filter(line -> !line.isBlank() && !line.startsWith("#"))
                .toList()) {
            if (line.startsWith(" ")) {
                dishes.get(name).add(component(line.strip()));
            } else {
                name = line.strip();
                dishes.put(name, new ArrayList<>());
            }
        }
        return dishes.entrySet().stream()
                .map(dish -> new Dish(dish.getKey(), dish.getKey(), BigDecimal.valueOf(4), dish.getValue()))
                .toList();
    }

    private static String text() {
        try (InputStream in = Dishes.class.getResourceAsStream("/hopsel/bench/dishes.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Component component(String line) {
        String id = line.substring(0, line.indexOf(':'));
        List<Step> steps = new ArrayList<>();
        for (String step : line.substring(line.indexOf(':') + 1).split(";")) {
            steps.add(step(
                    step.strip().split("\\s+"),
                    steps.isEmpty() ? "-" : steps.get(steps.size() - 1).id()));
        }
        return new Component(id, id, List.of(), steps);
    }

    private static Step step(String[] words, String before) {
        Map<String, String> options = new LinkedHashMap<>();
        List<Need> needs = new ArrayList<>();
        for (String word : Arrays.copyOfRange(words, 4, words.length)) {
            if (word.contains("=")) {
                options.put(word.substring(0, word.indexOf('=')), word.substring(word.indexOf('=') + 1));
            } else {
                needs.add(need(word.split(":")));
            }
        }
        Minutes wait = minutes(options, "wait").orElse(Minutes.of(0));
        List<After> after = Arrays.stream(options.getOrDefault("after", before).split(","))
                .filter(id -> !id.equals("-"))
                .map(id -> new After(id, wait, Optional.empty()))
                .toList();
        return step(
                words[0],
                Double.parseDouble(words[1]),
                Work.valueOf(words[2].toUpperCase()),
                Show.valueOf(words[3].toUpperCase()),
                needs,
                after,
                minutes(options, "keeps"),
                minutes(options, "swap"));
    }

    static Step step(
            String id,
            double minutes,
            Work work,
            Show show,
            List<Need> needs,
            List<After> after,
            Optional<Minutes> keeps,
            Optional<Minutes> swap) {
        return Step.of(id, id, StepMinutes.of(Minutes.of(BigDecimal.valueOf(minutes))), work)
                .withShow(show)
                .withNeeds(needs)
                .withAfter(after)
                .withKeeps(keeps)
                .withSwap(swap);
    }

    private static Optional<Minutes> minutes(Map<String, String> options, String name) {
        return Optional.ofNullable(options.get(name)).map(text -> Minutes.of(new BigDecimal(text)));
    }

    private static Need need(String[] parts) {
        return new Need(
                parts[0],
                1,
                parts.length > 1 ? Optional.of(new BigDecimal(parts[1])) : Optional.empty(),
                parts.length > 2 ? new BigDecimal(parts[2]) : BigDecimal.ZERO);
    }
}
