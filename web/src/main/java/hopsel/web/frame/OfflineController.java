package hopsel.web.frame;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** What a device shows without a network in place of a page that it has not kept; the service worker keeps this one. */
@Controller
class OfflineController {

    @GetMapping("/offline")
    String offline() {
        return "frame/offline";
    }
}
