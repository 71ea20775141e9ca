package hopsel.web.office;

import hopsel.core.house.DateOrder;
import hopsel.core.house.Degrees;
import hopsel.core.house.Hours;
import hopsel.core.house.House;
import hopsel.core.measure.Measures;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.HouseFigures;
import hopsel.web.frame.SafePicture;
import hopsel.web.frame.SafePicture.BadPictureException;
import hopsel.web.frame.Secret;
import hopsel.web.house.HouseStore;

import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.io.IOException;
import java.math.BigDecimal;
import java.security.Principal;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/** What is said of the house, once: name, money, and how figures are written. */
@Controller
class HouseController {

    private static final int LOGO_EDGE = 600;
    private static final String PAGE = "redirect:/house";
    /** Figures by which a house sees how it writes them. */
    private static final BigDecimal PRICE = new BigDecimal("12.50");

    private static final BigDecimal OVEN = BigDecimal.valueOf(175);
    private static final LocalDateTime EVENING = LocalDateTime.of(2027, 3, 12, 18, 30);

    private final HouseStore houses;

    HouseController(HouseStore houses) {
        this.houses = houses;
    }

    @GetMapping("/house")
    String house(Model model) {
        return page(model, HouseForm.fields(houses.now()));
    }

    private String page(Model model, Map<String, String> fields) {
        model.addAttribute("fields", fields);
        HouseFigures written = new HouseFigures(houses.now());
        model.addAttribute("price", written.money(PRICE));
        model.addAttribute(
                "figures",
                List.of(written.clock(EVENING.toLocalTime()), written.day(EVENING.toLocalDate()), written.heat(OVEN)));
        model.addAttribute("logo", houses.logoName().orElse(""));
        model.addAttribute("currencies", HouseForm.currencies());
        model.addAttribute("zones", new TreeSet<>(ZoneId.getAvailableZoneIds()));
        model.addAttribute("allMeasures", Measures.values());
        model.addAttribute("allDegrees", Degrees.values());
        model.addAttribute("allHours", Hours.values());
        model.addAttribute("allDates", DateOrder.values());
        model.addAttribute("allDays", DayOfWeek.values());
        return "office/house";
    }

    /** Keeps what was typed; nothing of it if a field is wrong. */
    @PostMapping("/house")
    ModelAndView keep(@RequestParam Map<String, String> fields, Principal who, Model model, RedirectAttributes next) {
        try {
            House house = HouseForm.read(new Entered(fields));
            houses.put(house, who.getName());
            next.addFlashAttribute("told", "frame.saved");
            return new ModelAndView(PAGE);
        } catch (BadEntryException e) {
            page(model, fields);
            model.addAttribute("wrongField", e.field());
            model.addAttribute("wrong", e.getMessage());
            return new ModelAndView("office/house", model.asMap(), HttpStatus.UNPROCESSABLE_CONTENT);
        }
    }

    @PostMapping("/house/logo")
    String logo(
            @RequestParam(value = "file", required = false) MultipartFile file,
            @RequestParam(value = "away", defaultValue = "") String away,
            Principal who,
            RedirectAttributes next)
            throws IOException {
        if (!away.isEmpty()) {
            houses.putLogo(Optional.empty(), Optional.empty(), who.getName());
            next.addFlashAttribute("told", "frame.saved");
            return PAGE;
        }
        try {
            byte[] png = SafePicture.write(
                    SafePicture.smaller(SafePicture.decode(file == null ? new byte[0] : file.getBytes()), LOGO_EDGE),
                    "png");
            houses.putLogo(Optional.of(png), Optional.of(Secret.fresh()), who.getName());
            next.addFlashAttribute("told", "frame.saved");
        } catch (BadPictureException e) {
            next.addFlashAttribute("warnedLines", List.of(String.valueOf(e.getMessage())));
        }
        return PAGE;
    }

    /** The picture, for whoever holds a page of the house. */
    @GetMapping("/house/logo.png")
    ResponseEntity<byte[]> logo() {
        return houses.logo()
                .map(png -> ResponseEntity.ok()
                        .contentType(MediaType.IMAGE_PNG)
                        .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePublic())
                        .body(png))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }
}
