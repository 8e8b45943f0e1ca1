/** A plan file may be this large, in bytes; a real one has a few hundred. */
export const largestPlanFile = 262_144;
