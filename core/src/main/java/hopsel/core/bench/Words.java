package hopsel.core.bench;

/** Times as a cook says them, and passages short enough to quote. */
final class Words {

    private static final int LONGEST = 90;

    private Words() {}

    /** Such as {@code 1 h 05 min}, {@code 25 min} or {@code 40 s}; to the minute from one minute up. */
    static String time(int seconds) {
        if (seconds < 60) {
            return seconds + " s";
        }
        int minutes = (seconds + 30) / 60;
        if (minutes < 60) {
            return minutes + " min";
        }
        if (minutes % 60 == 0) {
            return minutes / 60 + " h";
        }
        return "%d h %02d min".formatted(minutes / 60, minutes % 60);
    }

    /** A passage of a recipe, cut short where it is long. */
    static String shortened(String passage) {
        return passage.length() <= LONGEST ? passage : passage.substring(0, LONGEST) + "…";
    }
}
