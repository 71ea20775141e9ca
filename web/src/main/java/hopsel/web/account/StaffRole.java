package hopsel.web.account;

/** What somebody who works here may do; everybody sees classes, lists and trays. */
enum StaffRole {
    /** Everything. */
    HOST,
    /** Ticks off, packs, works at the desk, looks handouts over. */
    ASSISTANT,
    /** Looks handouts over. */
    REVIEWER,
    /** Packs kits and ticks off. */
    PACKER,
    /** Only looks. */
    VIEWER;

    static String[] all() {
        return names(values());
    }

    static String[] names(StaffRole... roles) {
        return java.util.Arrays.stream(roles).map(Enum::name).toArray(String[]::new);
    }
}
