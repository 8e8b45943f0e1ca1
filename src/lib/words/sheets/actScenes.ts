// Made of sheets.json by `npm run words -- --make`: change the words there.

export const sidesIn = (): string => "sides in";
export const airOutFromTheSeam = (): string => "air out, from the seam up";
export const seamsTogether = (): string => "seams together";
export const layTheNewRingThrough = (): string => "put the new loop through";
export const backThroughItself = (): string => "back through itself";
export const drawFromTheKnot = (): string => "pull from the knot";
export const endsSideBySide = (): string => "ends side by side";
export const asOneOrThroughThe = (): string => "as one, or through the slits";
export const smallTailsAlong = (): string => "small, tails along";
export const asItComesFromThe = (): string => "as it comes from the joiner";
export const looseFilmMustNotStretch = (): string => "loose: plastic must not stretch";
export const itsLabelOn = (): string => "its label on";
