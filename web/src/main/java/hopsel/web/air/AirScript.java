package hopsel.web.air;

import hopsel.web.air.AirView.Rung;

import java.util.List;

/**
 * What is said of the steps of a class whatever happens, for a screen; it is sent once, and the rest of the evening
 * goes without it.
 *
 * @param id by which a screen knows whether it has it
 */
record AirScript(String id, List<Scene> scenes) {

    /**
     * A step.
     *
     * @param places where it is done, and how hot
     * @param cold seconds that it takes longer if its oven was cold; 0: it is in none
     * @param sign which of its signs and tones it has, among what runs by itself; the same on every screen
     * @param page of the booklet; 0: not known
     */
    record Scene(
            String key,
            String dish,
            String title,
            String text,
            String say,
            String cue,
            boolean loud,
            List<String> places,
            List<Goes> in,
            List<Rung> ladder,
            List<String> care,
            List<String> rescues,
            int cold,
            int sign,
            int page) {

        /** The same without what is not for those who watch. */
        Scene forAudience() {
            return new Scene(
                    key, dish, title, "", "", cue, false, List.of(), in, List.of(), List.of(), List.of(), 0, sign,
                    page);
        }
    }

    /**
     * What goes in.
     *
     * @param key that it is ticked by
     * @param item id
     * @param seasons whether it is found by taste
     */
    record Goes(String key, String item, String what, boolean seasons) {}
}
