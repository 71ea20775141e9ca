package hopsel.core.recipe;

import java.util.regex.Pattern;

/** What a camera looks at, by the name that people give it. */
public final class CameraWords {

    private static final Pattern DOWN =
            Pattern.compile("\\b(?:overhead|top|above|counter|hands)\\b", Pattern.CASE_INSENSITIVE);

    private CameraWords() {}

    /** Whether it looks down at the hands. */
    public static boolean looksDown(String camera) {
        return DOWN.matcher(camera).find();
    }
}
