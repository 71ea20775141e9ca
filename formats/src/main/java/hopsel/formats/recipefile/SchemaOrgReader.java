package hopsel.formats.recipefile;

import hopsel.core.recipe.RecipeSource;
import hopsel.core.recipe.RecipeSource.Passage;
import hopsel.formats.json.Json;

import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.parser.Parser;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Finds a schema.org Recipe in a document: JSON-LD alone, JSON-LD in a page, in a list or a graph.
 *
 * <p>Instructions may be one text, a list of texts, HowToStep or HowToSection; a yield a text, a number or a list.
 */
final class SchemaOrgReader {

    private static final int DEEP = 6;

    private SchemaOrgReader() {}

    /** The recipe, cut into its parts; empty where the document holds none. */
    static Optional<RecipeSource> read(String document) {
        String start = document.stripLeading();
        if (start.startsWith("{") || start.startsWith("[")) {
            return json(start).flatMap(node -> find(node, 0)).map(SchemaOrgReader::source);
        }
        if (!document.contains("ld+json")) {
            return Optional.empty();
        }
        for (Element script : Jsoup.parse(document).select("script[type=application/ld+json]")) {
            Optional<RecipeSource> found =
                    json(script.data()).flatMap(node -> find(node, 0)).map(SchemaOrgReader::source);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private static Optional<JsonNode> json(String text) {
        try {
            return Optional.ofNullable(Json.readLoosely(text.getBytes(StandardCharsets.UTF_8)));
        } catch (JacksonException | StackOverflowError e) {
            return Optional.empty();
        }
    }

    private static Optional<JsonNode> find(JsonNode node, int depth) {
        if (depth > DEEP) {
            return Optional.empty();
        }
        if (node.isArray()) {
            return node.valueStream()
                    .map(entry -> find(entry, depth + 1))
                    .flatMap(Optional::stream)
                    .findFirst();
        }
        if (!node.isObject()) {
            return Optional.empty();
        }
        if (isOf(node, "Recipe")) {
            return Optional.of(node);
        }
        return node.valueStream()
                .filter(JsonNode::isContainer)
                .map(entry -> find(entry, depth + 1))
                .flatMap(Optional::stream)
                .findFirst();
    }

    private static boolean isOf(JsonNode node, String type) {
        JsonNode types = node.path("@type");
        return texts(types).stream().anyMatch(word -> word.equals(type) || word.endsWith("/" + type));
    }

    private static RecipeSource source(JsonNode recipe) {
        List<Passage> ingredients = new ArrayList<>();
        JsonNode list = recipe.has("recipeIngredient") ? recipe.get("recipeIngredient") : recipe.path("ingredients");
        Optional<String> heading = Optional.empty();
        for (String line : texts(list)) {
            if (line.endsWith(":") && line.length() < 50) {
                heading = Optional.of(line.substring(0, line.length() - 1).replaceFirst("(?i)^for the ", ""));
            } else {
                ingredients.add(new Passage(heading, line));
            }
        }
        List<Passage> method = new ArrayList<>();
        instructions(recipe.path("recipeInstructions"), Optional.empty(), method, 0);
        List<String> other = new ArrayList<>(texts(recipe.path("description")));
        return new RecipeSource(
                texts(recipe.path("name")).stream().findFirst(),
                servings(recipe.path("recipeYield")),
                headline(recipe),
                ingredients,
                method,
                other);
    }

    private static void instructions(JsonNode node, Optional<String> heading, List<Passage> method, int depth) {
        if (depth > DEEP) {
            return;
        }
        if (node.isArray()) {
            node.valueStream().forEach(entry -> instructions(entry, heading, method, depth + 1));
        } else if (node.isObject() && node.has("itemListElement")) {
            Optional<String> name = isOf(node, "HowToStep")
                    ? heading
                    : texts(node.path("name")).stream()
                            .findFirst()
                            .map(text -> text.replaceFirst("(?i)^(?:for |make )?(?:the )?", "")
                                    .replaceFirst(":$", ""))
                            .or(() -> heading);
            instructions(node.get("itemListElement"), name, method, depth + 1);
        } else if (node.isObject()) {
            texts(node.has("text") ? node.get("text") : node.path("name"))
                    .forEach(text -> method.add(new Passage(heading, text)));
        } else {
            Stream<String> said = texts(node).stream()
                    .flatMap(String::lines)
                    .map(String::strip)
                    .filter(line -> !line.isEmpty());
            said.map(line -> line.replaceFirst("^(?:step\\s*)?\\d{1,2}[.):]\\s+", ""))
                    .forEach(line -> method.add(new Passage(heading, line)));
        }
    }

    /** A number alone among several yields says less than a text. */
    private static Optional<String> servings(JsonNode node) {
        List<String> all = texts(node);
        return all.stream()
                .filter(text -> !text.matches("[\\d.\\s]+"))
                .findFirst()
                .or(() -> all.stream().findFirst().map(number -> "Serves " + number));
    }

    private static Optional<String> headline(JsonNode recipe) {
        for (String member : List.of("totalTime", "cookTime", "prepTime")) {
            Optional<String> minutes =
                    texts(recipe.path(member)).stream().findFirst().flatMap(SchemaOrgReader::minutes);
            if (minutes.isPresent()) {
                return minutes;
            }
        }
        return Optional.empty();
    }

    private static Optional<String> minutes(String iso) {
        try {
            long minutes = Duration.parse(iso.strip()).toMinutes();
            return minutes > 0 ? Optional.of(minutes + " minutes") : Optional.empty();
        } catch (DateTimeParseException | ArithmeticException e) {
            return Optional.empty();
        }
    }

    /** All texts in a value or a list, with markup and entities resolved. */
    private static List<String> texts(JsonNode node) {
        if (node.isArray()) {
            return node.valueStream().flatMap(entry -> texts(entry).stream()).toList();
        }
        if (node.isObject()) {
            return node.has("value") ? texts(node.get("value")) : texts(node.path("name"));
        }
        if (!node.isString() && !node.isNumber()) {
            return List.of();
        }
        String text = Parser.unescapeEntities(node.asString(), false);
        String plain = PageText.isPage(text) ? PageText.of(text) : text;
        return plain.isBlank() ? List.of() : List.of(plain.strip());
    }
}
