/** 1 pound-force in newtons. */
export const NEWTONS_PER_POUND = 4.4482216;

/** 1 ksi in MPa. */
export const MPA_PER_KSI = 6.894757;
