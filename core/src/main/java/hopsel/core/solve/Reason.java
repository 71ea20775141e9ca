package hopsel.core.solve;

/** Why a literal was set. */
interface Reason {}
