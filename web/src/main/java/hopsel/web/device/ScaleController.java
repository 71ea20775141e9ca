package hopsel.web.device;

import hopsel.core.device.Scale;
import hopsel.core.device.Scale.Fault;
import hopsel.core.device.Scale.Reading;
import hopsel.web.device.DeviceMapper.ScaleRow;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;

/** A simulated kitchen scale on a page of its own; stations ask it what it shows. */
@Controller
class ScaleController {

    private static final int LONGEST = 100;

    private final DeviceMapper mapper;
    private final Clock clock;

    ScaleController(DeviceMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    private Scale scale(String station) {
        return mapper.scale(station)
                .map(row -> new Scale(
                        row.loadGrams(),
                        row.wasGrams(),
                        row.zeroGrams(),
                        row.changedAt().toInstant(ZoneOffset.UTC),
                        row.zeroedAt().toInstant(ZoneOffset.UTC),
                        Fault.valueOf(row.fault())))
                .orElseGet(() -> Scale.on(clock.instant()));
    }

    private void keep(String station, Scale scale) {
        mapper.putScale(new ScaleRow(
                station,
                scale.load(),
                scale.was(),
                scale.zero(),
                LocalDateTime.ofInstant(scale.changed(), ZoneOffset.UTC),
                LocalDateTime.ofInstant(scale.zeroed(), ZoneOffset.UTC),
                scale.fault().name()));
    }

    /** What it shows now. */
    public record Shown(String state, BigDecimal grams, boolean settled) {

        static Shown of(Reading reading) {
            if (reading instanceof Reading.Weight weight) {
                return new Shown("weight", weight.grams(), weight.settled());
            }
            return new Shown(reading instanceof Reading.Overload ? "overload" : "silent", BigDecimal.ZERO, false);
        }
    }

    @GetMapping("/scales/{station}")
    String page(@PathVariable("station") String station, Model model) {
        model.addAttribute("desk", station);
        model.addAttribute("scale", scale(station));
        model.addAttribute("shown", Shown.of(scale(station).read(clock.instant())));
        model.addAttribute("faults", Fault.values());
        return "device/scale";
    }

    @GetMapping("/scales/{station}/reading")
    @ResponseBody
    Shown reading(@PathVariable("station") String station) {
        return Shown.of(scale(station).read(clock.instant()));
    }

    @PostMapping("/scales/{station}")
    String handle(
            @PathVariable("station") String station,
            @RequestParam Map<String, String> fields,
            RedirectAttributes next) {
        if (station.length() > LONGEST) {
            return "redirect:/scales/1";
        }
        Instant now = clock.instant();
        Entered in = new Entered(fields);
        Scale scale = scale(station);
        try {
            if (in.isChecked("put")) {
                scale = scale.put(in.number("put").orElse(BigDecimal.ZERO), now);
            } else if (in.isChecked("tare")) {
                scale = scale.tared(now);
            } else if (in.isChecked("clear")) {
                scale = scale.cleared(now);
            } else if (in.isChecked("fault")) {
                scale = scale.with(in.choice("fault", Fault.values(), Fault::name), now);
            }
            keep(station, scale);
        } catch (BadEntryException e) {
            next.addFlashAttribute("warnedLines", List.of("grams " + e.getMessage()));
        }
        return "redirect:/scales/{station}";
    }
}
