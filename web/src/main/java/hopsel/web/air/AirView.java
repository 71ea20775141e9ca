package hopsel.web.air;

import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ObjectNode;

import java.util.List;

/**
 * What a screen shows, as it is sent: moments in seconds from going on air, so that a screen can go on counting by
 * itself.
 *
 * @param seq of the last event
 * @param script by which a screen knows whether it has what is said of the steps
 * @param asked the server's clock, milliseconds
 * @param now the clock of the run, milliseconds; in a rehearsal it may go faster
 * @param speed of that clock
 * @param onAir when it went on air, milliseconds; null: not yet
 * @param slot seconds that it has
 * @param end seconds at which it will end
 * @param late seconds later than planned; less than 0: earlier
 * @param undo number of the event that would be undone; 0: none
 * @param undoes the kind and name of that event
 * @param because what makes the end what it is, in the order of the class
 * @param unsafe limits of food safety that are broken, or will be as things stand
 * @param comingIn seconds for which simulated guests are still coming in
 */
record AirView(
        long seq,
        String script,
        long asked,
        long now,
        int speed,
        @Nullable Long onAir,
        boolean over,
        int slot,
        int end,
        int late,
        long undo,
        String undoes,
        int comingIn,
        List<Item> items,
        Advice advice,
        List<Question> questions,
        List<Missing> missing,
        List<String> unsafe,
        List<Someone> people,
        Wait pause,
        List<String> recap,
        List<Oven> ovens,
        List<Hand> handIns,
        List<String> toFilm,
        List<Link> because,
        List<String> before,
        List<Ready> spares) {

    /**
     * A step as it stands; what is always said of it is in the {@link AirScript}.
     *
     * @param due seconds at which it is to be over; where that has passed, the end goes on with the clock
     * @param owner HOST or ASSISTANT
     * @param can whether what it waits for is done
     * @param waits keys of what it waits for and that is not done; empty: it can begin
     * @param looks seconds from going on air at which somebody should look
     * @param looked at how many of these somebody did
     * @param takes how often it was done, as said
     * @param sight how a simulated one looks; empty text: it is real
     * @param probe °C inside, of a simulated one with a probe in it; null: none
     * @param again seconds at which the class would end if what failed were begun again now; 0: it has not failed
     * @param uses what goes in, in the order of the script
     */
    record Item(
            String key,
            String status,
            int start,
            int end,
            int due,
            int planned,
            String person,
            String owner,
            boolean shown,
            boolean main,
            boolean hands,
            boolean swapped,
            boolean can,
            boolean cueShown,
            List<String> waits,
            List<Integer> looks,
            int looked,
            List<String> takes,
            String sight,
            @Nullable Integer probe,
            int again,
            List<In> uses) {}

    /** For whom a screen is, and with it which part of all this it gets. */
    enum Screen {
        HOST,
        ASSISTANT,
        AUDIENCE
    }

    /** The part of it that is for a screen. */
    AirView of(Screen screen) {
        return switch (screen) {
            case HOST -> this;
            case ASSISTANT -> part(items, unsafe, ovens, handIns);
            case AUDIENCE -> part(items.stream().filter(Item::shown).toList(), List.of(), List.of(), List.of());
        };
    }

    private AirView part(List<Item> steps, List<String> broken, List<Oven> hot, List<Hand> passed) {
        Advice end = new Advice(advice.danger, advice.spare, List.of(), advice.ends, List.of(), List.of());
        return new AirView(
                seq,
                script,
                asked,
                now,
                speed,
                onAir,
                over,
                slot,
                this.end,
                late,
                undo,
                undoes,
                comingIn,
                steps,
                end,
                List.of(),
                List.of(),
                broken,
                people,
                new Wait(0, List.of()),
                List.of(),
                hot,
                passed,
                List.of(),
                List.of(),
                List.of(),
                List.of());
    }

    /**
     * What is said of a step whatever happens.
     *
     * @param care what to take care of
     * @param rescues what can stand in should something fail
     */
    record Words(List<String> care, List<String> rescues) {

        static final Words NONE = new Words(List.of(), List.of());
    }

    /**
     * What goes in.
     *
     * @param taste what it came to so far; empty text: nobody touched it
     */
    record In(boolean shown, String taste) {}

    /** What to do when something is wrong with it. */
    record Rung(String trouble, String remedy) {}

    /**
     * What can be done about a late end.
     *
     * @param danger whether the end is in danger
     * @param spare seconds that are left over; 0: none to speak of
     * @param way the best that can be done, together
     * @param ends seconds at which it would end then
     * @param alone each thing that can be done, with what it gains
     * @param drops the drop list
     */
    record Advice(boolean danger, int spare, List<Help> way, int ends, List<Help> alone, List<Help> drops) {}

    /** Something that brings the end forward: what to press, and what of. */
    record Help(String means, ObjectNode event, String title, int gain) {}

    /** A question that waits. */
    record Question(long number, String text, int at) {}

    /** What nobody has shown, of which step, and whether that is over. */
    record Missing(String activity, String key, String what, boolean cue, boolean gone) {}

    /** A step of which one more can stand ready: what is said then, and whether somebody did. */
    record Ready(String id, String title, boolean ready) {}

    /** Somebody who works. */
    record Someone(String id, String name, boolean host) {}

    /** A pause, and what fits into it. */
    record Wait(int seconds, List<Idea> ideas) {}

    /** Something to say or show. */
    record Idea(String kind, String text, int seconds) {}

    /** A simulated oven. */
    record Oven(String id, int celsius, int set, int untilHot, boolean slow) {}

    /** What is to be handed in. */
    record Hand(String id, String kind, int at, String title, List<String> what) {}

    /**
     * Something that holds up the end.
     *
     * @param start seconds from going on air
     * @param end seconds from going on air
     * @param title with its dish
     */
    record Link(int start, int end, String title) {}
}
