package hopsel.web.handout;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.guest.Attendee;
import hopsel.core.handout.DishFacts;
import hopsel.core.handout.Handout;
import hopsel.core.handout.HandoutWriter;
import hopsel.core.item.Catalogue;
import hopsel.core.planned.AttendeeClass;
import hopsel.formats.handoutfile.HandoutRecipe;
import hopsel.formats.handoutfile.HandoutText;
import hopsel.web.frame.Bounded;
import hopsel.web.frame.NotFoundException;
import hopsel.web.handout.EditionStore.Matters;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Writes handouts: of one attendee, or the booklet of a class as everybody cooks it. */
@Component
public class HandoutDesk {

    private final EditionStore editions;
    private final HandoutWords words;
    private final Pictures pictures;
    private final Catalogue builtIn;
    /** What everybody's would be now, until the class, the words, the styles or the labels change. */
    private final Map<Matters, Map<String, Handout>> current = Bounded.map();

    HandoutDesk(EditionStore editions, HandoutWords words, Pictures pictures, Catalogue builtIn) {
        this.editions = editions;
        this.words = words;
        this.pictures = pictures;
        this.builtIn = builtIn;
    }

    /**
     * A handout with all that stands in it.
     *
     * @param cooking the class in this attendee's style
     * @param catalogue all items it may name
     * @param changes what their style changed: sentences
     */
    public record Written(
            Matters matters, CookingClass cooking, Catalogue catalogue, Handout handout, List<String> changes) {}

    /** As the draft has it. */
    Written draft(long id, Attendee attendee) {
        return write(editions.draft(id), attendee);
    }

    /**
     * The handout of an attendee in the last edition that was released; empty: there is none, or they are not in it.
     */
    public Optional<Written> released(long id, String attendee) {
        return editions.released(id).flatMap(edition -> {
            Matters matters = editions.in(id, edition.number());
            return matters.cooking().attendees().stream()
                    .filter(own -> own.id().equals(attendee) && own.gets().handout())
                    .findFirst()
                    .map(own -> write(matters, own));
        });
    }

    /** A handout of these matters. */
    Written write(Matters matters, Attendee attendee) {
        return write(matters, attendee, new HashMap<>());
    }

    /** The handouts of everybody in the draft's class, by attendee: as they would be printed now. */
    Map<String, Handout> current(Matters draft) {
        return current.computeIfAbsent(draft, matters -> {
            Map<Dish, DishFacts> known = new HashMap<>();
            return matters.cooking().attendees().stream()
                    .collect(Collectors.toMap(Attendee::id, attendee -> write(matters, attendee, known)
                            .handout()));
        });
    }

    /** One of many handouts of these matters; what is the same for everybody is kept in the map. */
    Written write(Matters matters, Attendee attendee, Map<Dish, DishFacts> known) {
        AttendeeClass own =
                AttendeeClass.of(matters.cooking(), matters.styles().getOrDefault(attendee.id(), Map.of()), builtIn);
        return new Written(
                matters,
                own.cooking(),
                own.cooking().catalogue(builtIn),
                HandoutWriter.write(
                        own.cooking(), builtIn, own.batches(), attendee, matters.words(), matters.labelsRead(), known),
                own.changes());
    }

    /** Whoever reads the booklet: avoids nothing, and cooks for as many as the first dish serves. */
    static Attendee anybody(CookingClass cooking) {
        BigDecimal servings = cooking.dishes().isEmpty()
                ? BigDecimal.ONE
                : cooking.dishes().get(0).servings();
        return new Attendee("*", cooking.title(), List.of(), servings, Optional.empty(), Attendee.Gets.HANDOUT)
                .withVariants(cooking.dishes().stream()
                        .flatMap(dish -> dish.variants().stream().map(variant -> dish.id() + "/" + variant.id()))
                        .toList());
    }

    /** In Markdown. */
    public String markdown(Written written) {
        return HandoutText.markdown(
                written.cooking.title(),
                written.handout,
                written.matters.words().intro(),
                words);
    }

    /** In plain text. */
    public String plain(Written written) {
        return HandoutText.plain(
                written.cooking.title(),
                written.handout,
                written.matters.words().intro(),
                words);
    }

    /** As schema.org recipes. */
    private static String recipes(Written written) {
        return HandoutRecipe.write(written.handout);
    }

    /**
     * A handout in an open format.
     *
     * @param format md, txt, or else schema.org recipes
     */
    public ResponseEntity<byte[]> open(Written written, String format) {
        String text =
                switch (format) {
                    case "md" -> markdown(written);
                    case "txt" -> plain(written);
                    default -> recipes(written);
                };
        MediaType type =
                switch (format) {
                    case "md" -> new MediaType("text", "markdown", StandardCharsets.UTF_8);
                    case "txt" -> new MediaType("text", "plain", StandardCharsets.UTF_8);
                    default -> new MediaType("application", "ld+json");
                };
        return file("handout." + format, type, text.getBytes(StandardCharsets.UTF_8));
    }

    static ResponseEntity<byte[]> file(String name, MediaType type, byte[] content) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename(name).build().toString())
                .body(content);
    }

    /** A picture of the host, as it is kept. */
    public ResponseEntity<byte[]> picture(long id, long number) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .header(HttpHeaders.CACHE_CONTROL, "private, max-age=3600")
                .body(pictures.find(id, number)
                        .orElseThrow(NotFoundException::new)
                        .jpeg());
    }
}
