package hopsel.web.air;

import hopsel.core.air.Happened;
import hopsel.core.air.Ovens;
import hopsel.core.air.Taste;
import hopsel.core.classes.CookingClass;
import hopsel.core.kitchen.Role;
import hopsel.core.planned.PlannedClass;
import hopsel.core.practice.Pace;
import hopsel.formats.eventfile.EventFile;
import hopsel.web.air.AirStore.Pressed;
import hopsel.web.air.AirStore.Run;
import hopsel.web.air.AirView.Screen;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.house.HouseStore;
import hopsel.web.mise.Preparations;
import hopsel.web.plan.ClassPages;

import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import tools.jackson.databind.json.JsonMapper;

import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.List;

/** The three screens of a class on air, or of a rehearsal of it: the host's, the assistant's, the audience's. */
@Controller
class AirController {

    private static final int LONGEST = 4000;
    private static final int LONGEST_CLIENT = 64;
    private static final List<Integer> SPEEDS = List.of(0, 1, 5, 20, Pace.FASTEST);

    private final ClassPages pages;
    private final AirDesk desk;
    private final AirRuns runs;
    private final AirStreams streams;
    private final Preparations preparations;
    private final HouseStore houses;
    private final JsonMapper mapper;

    AirController(
            ClassPages pages,
            AirDesk desk,
            AirRuns runs,
            AirStreams streams,
            Preparations preparations,
            HouseStore houses,
            JsonMapper mapper) {
        this.houses = houses;
        this.pages = pages;
        this.desk = desk;
        this.runs = runs;
        this.streams = streams;
        this.preparations = preparations;
        this.mapper = mapper;
    }

    @GetMapping("/classes/{id}/air")
    String host(@PathVariable("id") long id, Model model) {
        return screen(id, "host", 0, false, model);
    }

    @GetMapping("/classes/{id}/air/{screen:host|assistant|audience}")
    String screen(
            @PathVariable("id") long id,
            @PathVariable("screen") String screen,
            @RequestParam(value = "run", defaultValue = "0") long run,
            @RequestParam(value = "overlay", defaultValue = "false") boolean overlay,
            Model model) {
        pages.open(id, Station.AIR, model);
        PlannedClass planned = desk.planned(new Run(id, run));
        CookingClass cooking = planned.cooking();
        model.addAttribute("house", houses.now());
        model.addAttribute("planned", planned);
        model.addAttribute("overlay", overlay);
        model.addAttribute(
                "starts", cooking.startsAt().atZone(cooking.zone()).toInstant().toEpochMilli());
        model.addAttribute(
                "hosts",
                cooking.people().stream()
                        .filter(person -> person.role() == Role.HOST)
                        .toList());
        model.addAttribute("open", preparations.stillOpen(id, planned));
        model.addAttribute("screen", screen);
        model.addAttribute("run", run);
        model.addAttribute("speeds", SPEEDS);
        model.addAttribute("touch", Taste.TOUCH);
        model.addAttribute("events", EventFile.description());
        model.addAttribute("ovenNames", Ovens.of(cooking));
        runs.rehearsal(new Run(id, run)).ifPresent(rehearsal -> model.addAttribute("rehearsal", rehearsal));
        return "air/desk";
    }

    @GetMapping("/classes/{id}/air/state")
    ResponseEntity<byte[]> state(
            @PathVariable("id") long id,
            @RequestParam(value = "run", defaultValue = "0") long run,
            @RequestParam(value = "screen", defaultValue = "HOST") Screen screen,
            @RequestHeader(value = HttpHeaders.ACCEPT_ENCODING, required = false) String accepts) {
        return answer(new Run(id, run), screen, accepts);
    }

    private ResponseEntity<byte[]> answer(Run run, Screen screen, String accepts) {
        return AirAnswer.to(desk.answer(run).part(screen).getBytes(StandardCharsets.UTF_8), accepts);
    }

    /** What is said of the steps whatever happens: asked for once. */
    @GetMapping("/classes/{id}/air/script")
    ResponseEntity<byte[]> script(
            @PathVariable("id") long id,
            @RequestParam(value = "run", defaultValue = "0") long run,
            @RequestParam(value = "screen", defaultValue = "HOST") Screen screen,
            @RequestHeader(value = HttpHeaders.ACCEPT_ENCODING, required = false) String accepts) {
        return AirAnswer.to(mapper.writeValueAsBytes(desk.script(new Run(id, run), screen)), accepts);
    }

    @GetMapping(value = "/classes/{id}/air/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream(
            @PathVariable("id") long id,
            @RequestParam(value = "run", defaultValue = "0") long run,
            @RequestParam(value = "screen", defaultValue = "HOST") Screen screen) {
        desk.planned(new Run(id, run));
        return streams.open(new Run(id, run), screen);
    }

    /** Something is pressed on a screen; what no screen of ours sends is not taken. */
    @PostMapping("/classes/{id}/air/events")
    ResponseEntity<byte[]> pressed(
            @PathVariable("id") long id,
            @RequestParam(value = "run", defaultValue = "0") long run,
            @RequestParam("event") String event,
            @RequestParam(value = "ago", defaultValue = "0") long ago,
            @RequestParam("client") String client,
            @RequestParam(value = "screen", defaultValue = "HOST") Screen screen,
            @RequestHeader(value = HttpHeaders.ACCEPT_ENCODING, required = false) String accepts,
            Principal who) {
        if (event.length() > LONGEST || client.length() > LONGEST_CLIENT) {
            throw new NotFoundException();
        }
        desk.pressed(new Run(id, run), new Pressed(happened(event), who.getName(), client), ago);
        streams.look(new Run(id, run));
        return answer(new Run(id, run), screen, accepts);
    }

    private static Happened happened(String event) {
        try {
            return EventFile.read(event);
        } catch (IllegalArgumentException e) {
            throw new NotFoundException();
        }
    }

    /** How fast the clock of a rehearsal goes from now on. */
    @PostMapping("/classes/{id}/air/pace")
    ResponseEntity<byte[]> pace(
            @PathVariable("id") long id,
            @RequestParam("run") long run,
            @RequestParam("speed") int speed,
            @RequestParam(value = "screen", defaultValue = "HOST") Screen screen,
            @RequestHeader(value = HttpHeaders.ACCEPT_ENCODING, required = false) String accepts) {
        Run rehearsal = new Run(id, run);
        desk.last(rehearsal);
        runs.pace(rehearsal, speed);
        return answer(rehearsal, screen, accepts);
    }
}
