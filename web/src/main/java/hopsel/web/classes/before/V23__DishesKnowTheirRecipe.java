package hopsel.web.classes.before;

import hopsel.core.Known;
import hopsel.formats.json.Json;

import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Writes into every dish of every class, run and edition which recipe it is. What was learned went by the dish's id in
 * its class, so the same id was the same recipe; nothing that was learned is lost.
 */
@Component
public class V23__DishesKnowTheirRecipe extends BaseJavaMigration {

    /** Table, its key, and the column of the document. */
    private static final List<List<String>> DOCUMENTS = List.of(
            List.of("cooking_class", "id", "document"),
            List.of("class_revision", "class_id, number", "document"),
            List.of("air_run", "class_id, run", "cooking"),
            List.of("handout_edition", "class_id, number", "document"));

    @Override
    public void migrate(Context context) {
        JdbcTemplate database = new JdbcTemplate(new SingleConnectionDataSource(context.getConnection(), true));
        Map<String, String> recipes = new HashMap<>();
        database.query(
                "select dish.recipe, revision.document from bench_dish dish join bench_revision revision on "
                        + "revision.dish_id = dish.id and revision.number = dish.revision"
                        + " order by dish.id",
                rows -> {
                    recipes.putIfAbsent(
                            read(rows.getString("document"))
                                    .path("dish")
                                    .path("id")
                                    .asString(""),
                            rows.getString("recipe"));
                });
        DOCUMENTS.forEach(
                table -> rewrite(database, table.get(0), List.of(table.get(1).split(", ")), table.get(2), recipes));
    }

    private static void rewrite(
            JdbcTemplate database, String table, List<String> key, String column, Map<String, String> recipes) {
        String where =
                String.join(" and ", key.stream().map(name -> name + " = ?").toList());
        database.queryForList("select %s, %s as document from %s".formatted(String.join(", ", key), column, table))
                .forEach(row -> {
                    JsonNode document = read((String) Known.in(row, "document"));
                    if (tell(document, recipes)) {
                        List<Object> values = new ArrayList<>(List.of(Json.indented(document)));
                        key.forEach(name -> values.add(row.get(name)));
                        database.update(
                                "update %s set %s = ? where %s".formatted(table, column, where), values.toArray());
                    }
                });
    }

    private static boolean tell(JsonNode document, Map<String, String> recipes) {
        boolean told = false;
        for (JsonNode dish : document.path("dishes")) {
            if (dish instanceof ObjectNode own && !own.has("recipe")) {
                String recipe = recipes.computeIfAbsent(
                        own.path("id").asString(""), id -> UUID.randomUUID().toString());
                own.putObject("recipe").put("id", recipe);
                told = true;
            }
        }
        return told;
    }

    /** What cannot be read stays as it is: whoever opens it is told. */
    private static JsonNode read(String document) {
        try {
            return Json.read(document.getBytes(StandardCharsets.UTF_8));
        } catch (JacksonException e) {
            return Json.object();
        }
    }
}
