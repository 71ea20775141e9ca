package hopsel.web.air;

import hopsel.core.air.AirEvent.Kind;
import hopsel.web.frame.ClassPages;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

import java.security.Principal;
import java.util.Arrays;
import java.util.Set;

/** The three screens of a class on air: the host's, the assistant's, the audience's. */
@Controller
class AirController {

    private static final Set<String> SCREENS = Set.of("host", "assistant", "audience");
    private static final int LONGEST = 1000;

    private final ClassPages pages;
    private final AirDesk desk;
    private final AirStreams streams;

    AirController(ClassPages pages, AirDesk desk, AirStreams streams) {
        this.pages = pages;
        this.desk = desk;
        this.streams = streams;
    }

    @GetMapping("/classes/{id}/air")
    String host(@PathVariable("id") long id, Model model) {
        return screen(id, "host", model);
    }

    @GetMapping("/classes/{id}/air/{screen:host|assistant|audience}")
    String screen(@PathVariable("id") long id, @PathVariable("screen") String screen, Model model) {
        if (!SCREENS.contains(screen)) {
            throw new NotFoundException();
        }
        pages.open(id, Station.AIR, model);
        model.addAttribute("screen", screen);
        return "air/desk";
    }

    @GetMapping("/classes/{id}/air/state")
    @ResponseBody
    AirView state(@PathVariable("id") long id) {
        return desk.view(id);
    }

    @GetMapping(value = "/classes/{id}/air/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream(@PathVariable("id") long id) {
        desk.planned(id);
        return streams.open(id);
    }

    @PostMapping("/classes/{id}/air/events")
    @ResponseBody
    AirView pressed(@PathVariable("id") long id, @RequestParam("kind") String kind, @RequestParam(value = "activity", defaultValue = "") String activity, @RequestParam(value = "seconds", defaultValue = "0") int seconds,
                    @RequestParam(value = "text", defaultValue = "") String text, @RequestParam(value = "ago", defaultValue = "0") long ago, @RequestParam("client") String client, Principal who) {
        Kind known = Arrays.stream(Kind.values()).filter(own -> own.name().equals(kind)).findFirst().orElseThrow(NotFoundException::new);
        if (activity.length() > 600 || client.length() > 64 || Math.abs(seconds) > 3600) {
            throw new NotFoundException();
        }
        desk.pressed(id, known, activity, seconds, text.substring(0, Math.min(LONGEST, text.length())), ago, who.getName(), client);
        return desk.view(id);
    }
}
