package hopsel.web.guest;

import hopsel.core.handout.Handout;

import org.springframework.stereotype.Component;

import java.util.HashMap;
import java.util.Map;

/** Addresses of pictures on a guest's own page. Templates call it {@code @guestPictures}. */
@Component
public class GuestPictures {

    /** By dish. */
    public Map<String, String> of(String token, Handout handout) {
        Map<String, String> all = new HashMap<>();
        handout.dishes().forEach(dish -> dish.words()
                .picture()
                .ifPresent(number -> all.put(dish.id(), "/guest/%s/pictures/%d".formatted(token, number))));
        return all;
    }
}
