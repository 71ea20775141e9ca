package hopsel.web.tick;

import hopsel.web.classes.ClassStore;
import hopsel.web.frame.NotFoundException;

import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

import java.security.Principal;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** The ticks of a list: asked for every second or so by every page that shows it. */
@Controller
class TickController {

    private static final Map<String, String> PAGES = Map.of(
            "countdown",
            "mise/countdown",
            "prep",
            "mise/prep",
            "bowls",
            "mise/counter",
            "shopping",
            "shopping",
            "packing",
            "packing",
            "labels",
            "menus");
    private static final Set<String> LISTS = PAGES.keySet();

    private final TickStore ticks;
    private final ClassStore classes;

    TickController(TickStore ticks, ClassStore classes) {
        this.ticks = ticks;
        this.classes = classes;
    }

    @GetMapping("/classes/{id}/ticks/{list}")
    @ResponseBody
    Map<String, TickStore.Tick> now(@PathVariable("id") long id, @PathVariable("list") String list) {
        check(id, list);
        return ticks.now(id, list);
    }

    @PostMapping(value = "/classes/{id}/ticks/{list}", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    Map<String, TickStore.Tick> press(
            @PathVariable("id") long id,
            @PathVariable("list") String list,
            @RequestParam("key") String key,
            @RequestParam("done") boolean done,
            @RequestParam("client") String client,
            Principal who) {
        check(id, list);
        ticks.press(id, list, key, done, who.getName(), client.substring(0, Math.min(64, client.length())));
        return ticks.now(id, list);
    }

    /** The same without a script. */
    @PostMapping(value = "/classes/{id}/ticks/{list}", produces = MediaType.TEXT_HTML_VALUE)
    String press(
            @PathVariable("id") long id,
            @PathVariable("list") String list,
            @RequestParam("key") String key,
            @RequestParam("done") boolean done,
            Principal who) {
        check(id, list);
        ticks.press(id, list, key, done, who.getName(), UUID.randomUUID().toString());
        return "redirect:/classes/%d/%s".formatted(id, PAGES.get(list));
    }

    private void check(long id, String list) {
        if (!LISTS.contains(list) || classes.version(id).isEmpty()) {
            throw new NotFoundException();
        }
    }
}
