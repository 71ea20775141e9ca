package hopsel.web.device;

import hopsel.core.device.LabelPrinter.JobEvent;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

import java.security.Principal;

/** The simulated label printer: its jobs, and a jam that somebody has to clear. */
@Controller
class PrinterController {

    private final PrinterStore store;

    PrinterController(PrinterStore store) {
        this.store = store;
    }

    @GetMapping("/printer")
    String page(Model model) {
        model.addAttribute("jobs", store.jobs());
        model.addAttribute("jammed", store.jammed());
        return "device/printer";
    }

    @PostMapping("/printer")
    String handle(
            @RequestParam("action") String action,
            @RequestParam(value = "job", defaultValue = "0") long job,
            Principal who) {
        switch (action) {
            case "jam" -> store.add(JobEvent.JAMMED, 0, who.getName());
            case "clear" -> store.add(JobEvent.CLEARED, 0, who.getName());
            case "cancel" -> store.add(JobEvent.CANCELLED, job, who.getName());
            default -> {}
        }
        return "redirect:/printer";
    }
}
