package hopsel.web.provision;

import hopsel.core.planned.PlannedClass;
import hopsel.core.provision.WeekList;
import hopsel.web.frame.NotFoundException;
import hopsel.web.tick.TickStore;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

import java.util.List;
import java.util.Map;
import java.util.UUID;

/** The list as somebody takes it to the shop: reached through a link, without signing in; it names nobody. */
@Controller
class ShopController {

    private static final String LIST = "shopping";
    private static final String WHO = "shop";

    private final ShoppingDesk desk;
    private final ShelfStore store;
    private final TickStore ticks;
    private final BoughtAmounts bought;

    ShopController(ShoppingDesk desk, ShelfStore store, TickStore ticks, BoughtAmounts bought) {
        this.desk = desk;
        this.store = store;
        this.ticks = ticks;
        this.bought = bought;
    }

    private long opened(String token, HttpServletResponse response) {
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("X-Robots-Tag", "noindex");
        return store.opened(token).orElseThrow(NotFoundException::new);
    }

    @GetMapping("/shop/{token}")
    String shop(@PathVariable("token") String token, HttpServletResponse response, Model model) {
        long id = opened(token, response);
        PlannedClass planned = desk.planned(id);
        WeekList list = desk.list(List.of(planned));
        model.addAttribute("token", token);
        model.addAttribute("title", planned.cooking().title());
        model.addAttribute("list", list);
        model.addAttribute("view", desk.view(list, List.of(planned)));
        model.addAttribute("catalogue", desk.catalogue(List.of(planned)));
        model.addAttribute("ticks", ticks.now(id, LIST));
        model.addAttribute("more", bought.more(id));
        return "provision/shop";
    }

    @GetMapping("/shop/{token}/ticks")
    @ResponseBody
    Map<String, TickStore.Tick> now(@PathVariable("token") String token, HttpServletResponse response) {
        return ticks.now(opened(token, response), LIST);
    }

    @PostMapping(value = "/shop/{token}/ticks", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    Map<String, TickStore.Tick> press(
            @PathVariable("token") String token,
            @RequestParam("key") String key,
            @RequestParam("done") boolean done,
            @RequestParam("client") String client,
            HttpServletResponse response) {
        long id = opened(token, response);
        ticks.press(id, LIST, key, done, WHO, client.substring(0, Math.min(64, client.length())));
        return ticks.now(id, LIST);
    }

    /** The same without a script. */
    @PostMapping(value = "/shop/{token}/ticks", produces = MediaType.TEXT_HTML_VALUE)
    String press(
            @PathVariable("token") String token,
            @RequestParam("key") String key,
            @RequestParam("done") boolean done,
            HttpServletResponse response) {
        ticks.press(
                opened(token, response), LIST, key, done, WHO, UUID.randomUUID().toString());
        return "redirect:/shop/" + token;
    }
}
