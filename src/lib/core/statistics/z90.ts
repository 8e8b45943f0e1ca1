/** How many standard deviations hold 80 % of a normal distribution, each way. */
export const z90 = 1.2815515655446004;
