package hopsel.web.api;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.guest.Attendee;
import hopsel.core.planned.PlannedClass;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.json.Json;
import hopsel.formats.listsfile.ListsFile;
import hopsel.formats.planfile.PlanFile;
import hopsel.web.classes.ClassStore;
import hopsel.web.frame.NotFoundException;
import hopsel.web.handout.HandoutDesk;
import hopsel.web.plan.PlanDesk;

import io.swagger.v3.oas.annotations.OpenAPIDefinition;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.enums.SecuritySchemeType;
import io.swagger.v3.oas.annotations.info.Info;
import io.swagger.v3.oas.annotations.security.SecurityRequirement;
import io.swagger.v3.oas.annotations.security.SecurityScheme;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

import java.util.List;

/** Classes, run sheets, shopping, kits and handouts, only to be read. */
@RestController
@RequestMapping(value = "/api/1", produces = MediaType.APPLICATION_JSON_VALUE)
@SecurityScheme(name = "token", type = SecuritySchemeType.HTTP, scheme = "bearer")
@OpenAPIDefinition(
        info =
                @Info(
                        title = "Hopsel",
                        version = "1",
                        description = "What a house connects. Amounts in grams, minutes as in class files. Kits hold "
                                + "what people must not "
                                + "eat: treat them as health data."),
        security = @SecurityRequirement(name = "token"))
class ApiController {

    private final ClassStore classes;
    private final PlanDesk plans;
    private final HandoutDesk handouts;

    ApiController(ClassStore classes, PlanDesk plans, HandoutDesk handouts) {
        this.classes = classes;
        this.plans = plans;
        this.handouts = handouts;
    }

    /**
     * A class in the list.
     *
     * @param startsAt by the clock of its zone
     * @param airMinutes of its slot
     * @param dishes titles
     * @param attendees how many
     */
    public record Listed(
            long id,
            String title,
            String style,
            String startsAt,
            String zone,
            String airMinutes,
            List<String> dishes,
            int attendees) {}

    /**
     * A handout as it was released.
     *
     * @param attendee id
     * @param markdown its text
     */
    public record Text(String attendee, String markdown) {}

    @Operation(summary = "All classes, by date")
    @GetMapping("/classes")
    List<Listed> classes() {
        return classes.entries().stream()
                .flatMap(entry -> classes.readable(entry.id()).stream())
                .map(stored -> listed(stored.id(), stored.cooking()))
                .toList();
    }

    private static Listed listed(long id, CookingClass cooking) {
        return new Listed(
                id,
                cooking.title(),
                cooking.style().word(),
                cooking.startsAt().toString(),
                cooking.zone().getId(),
                cooking.airMinutes().toString(),
                cooking.dishes().stream().map(Dish::title).toList(),
                cooking.attendees().size());
    }

    @Operation(summary = "A class as a class file, without its guests")
    @GetMapping("/classes/{id}")
    ResponseEntity<String> one(@PathVariable("id") long id) {
        CookingClass cooking =
                classes.find(id).orElseThrow(NotFoundException::new).cooking();
        return json(ClassFile.write(cooking.withAttendees(List.of())));
    }

    @Operation(summary = "Its run sheet as a plan file")
    @GetMapping("/classes/{id}/plan")
    ResponseEntity<String> plan(@PathVariable("id") long id) {
        return json(Json.line(PlanFile.write(planned(id).plan())));
    }

    @Operation(summary = "What has to be bought, in packs")
    @GetMapping("/classes/{id}/shopping")
    ResponseEntity<String> shopping(@PathVariable("id") long id) {
        return part(id, "shopping");
    }

    @Operation(summary = "What goes into each kit, and what somebody cannot be served")
    @GetMapping("/classes/{id}/kits")
    ResponseEntity<String> kits(@PathVariable("id") long id) {
        return part(id, "kits");
    }

    @Operation(summary = "The handouts of the last edition that was released")
    @GetMapping("/classes/{id}/handouts")
    List<Text> handouts(@PathVariable("id") long id) {
        return planned(id).cooking().attendees().stream()
                .map(Attendee::id)
                .flatMap(attendee -> handouts.released(id, attendee).stream()
                        .map(written -> new Text(attendee, handouts.markdown(written))))
                .toList();
    }

    private PlannedClass planned(long id) {
        return plans.find(id).orElseThrow(NotFoundException::new).whole();
    }

    private ResponseEntity<String> part(long id, String name) {
        JsonNode lists = ListsFile.write(planned(id));
        return json(Json.line(lists.get(name)));
    }

    private static ResponseEntity<String> json(String text) {
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_JSON).body(text);
    }
}
