package hopsel.web.catalogue;

import hopsel.core.food.AtHome;
import hopsel.core.food.ByEye;
import hopsel.core.food.Keeps;
import hopsel.core.food.UsualTime;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.mise.Holding;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

import java.util.LinkedHashMap;
import java.util.Map;

/** The tables of kitchen facts, to be read and argued with. */
@Controller
class TablesController {

    @GetMapping("/catalogue/tables")
    String tables(Model model) {
        model.addAttribute("times", UsualTime.values());
        model.addAttribute("keeps", Keeps.values());
        model.addAttribute("eyes", ByEye.values());
        model.addAttribute("homes", AtHome.values());
        model.addAttribute("kinds", PlaceKind.values());
        model.addAttribute("doing", PlaceKind.Does.values());
        model.addAttribute("limits", limits());
        return "catalogue/tables";
    }

    private static Map<String, Integer> limits() {
        Map<String, Integer> limits = new LinkedHashMap<>();
        limits.put("TO_21", Holding.TO_21);
        limits.put("TO_5", Holding.TO_5);
        limits.put("USE_OR_CHILL", Holding.USE_OR_CHILL);
        limits.put("DISCARD", Holding.DISCARD);
        limits.put("RICE_COLD", Holding.RICE_COLD);
        limits.put("RICE_KEEPS", Holding.RICE_KEEPS);
        limits.put("COOKED_KEEPS", Holding.COOKED_KEEPS);
        return limits;
    }
}
