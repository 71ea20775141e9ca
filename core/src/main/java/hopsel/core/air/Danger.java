package hopsel.core.air;

/**
 * Whether a class will end in its slot.
 *
 * @param late whether it would end after its slot, or so near it that anything at all would make it
 * @param spare seconds that are left over, where there is more than a little; 0: none
 * @param slot seconds in which it should be over, to be safe
 */
public record Danger(boolean late, int spare, int slot) {

    /** Seconds before the end of the slot at which a class should be over: somebody always says a last word. */
    private static final int LAST_WORD = 30;

    private static final int TO_SPARE = 240;

    /**
     * As it stands. A class that was planned nearer to its end than that is only late where it is later than planned.
     */
    public static Danger of(AirState state) {
        int slot = state.order().cooking.airMinutes().seconds();
        int safe = Math.max(slot - LAST_WORD, Math.min(slot, state.order().plan.airEnd()));
        int left = slot - state.end();
        return new Danger(state.end() > safe, left >= TO_SPARE && state.late() <= 0 ? left : 0, safe);
    }
}
