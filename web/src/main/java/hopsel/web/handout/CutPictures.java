package hopsel.web.handout;

import org.springframework.stereotype.Component;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;

/** Small pictures of cuts, 24 by 24, as the outline of an SVG path. Templates call it {@code @cutPictures}. */
@Component
public class CutPictures {

    private static final Map<Pattern, String> PICTURES = new LinkedHashMap<>();

    static {
        picture("matchstick|julienne|strips", "M3 5h18v2H3zM3 11h18v2H3zM3 17h18v2H3z");
        picture(
                "mince|very fine|crush",
                "M4 5h2v2H4zM9 4h2v2H9zM14 6h2v2h-2zM18 4h2v2h-2zM5 10h2v2H5zM11 10h2v2h-2zM17 11h2v2h-2zM3 "
                        + "16h2v2H3zM8 15h2v2H8zM13 17h2v2h-2zM18 16h2v2h-2z");
        picture(
                "fine(?:ly)? (?:dice|chop)",
                "M4 4h3v3H4zM10 4h3v3h-3zM16 4h3v3h-3zM4 10h3v3H4zM10 10h3v3h-3zM16 10h3v3h-3zM4 16h3v3H4zM10 "
                        + "16h3v3h-3zM16 16h3v3h-3z");
        picture("dice|cube|chop", "M4 4h6v6H4zM14 4h6v6h-6zM4 14h6v6H4zM14 14h6v6h-6z");
        picture("half-moon|halved and sliced", "M3 14a9 9 0 0 1 18 0zM5 19h14v2H5z");
        picture("wedge|quarter", "M4 20V4a16 16 0 0 1 16 16z");
        picture("ring|slice|coin|round", "M12 4a8 8 0 1 0 .01 0zM12 8a4 4 0 1 0 .01 0z");
        picture("grate|zest|shred", "M4 5l4 14h2L6 5zM10 5l4 14h2L12 5zM16 5l4 14h2L18 5z");
        picture("halve|half", "M3 13a9 9 0 0 1 18 0v3H3z");
    }

    private static void picture(String words, String path) {
        PICTURES.put(Pattern.compile("\\b(?:" + words + ")", Pattern.CASE_INSENSITIVE), path);
    }

    /** The outline for a cut; empty text where there is none. */
    public String path(String prep) {
        return PICTURES.entrySet().stream()
                .filter(entry -> entry.getKey().matcher(prep).find())
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse("");
    }
}
