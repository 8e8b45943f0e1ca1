// Made of plan.json by `npm run words -- --make`: change the words there.

export const howPiecesAreJoined = (): string => "How pieces are joined";
export const loopThroughLoop = (): string => "Loop through loop";
export const overhandKnot = (): string => "Overhand knot";
export const tornPieces = (): string => "torn pieces";
export const wayOfJoiningTheYarn = (): string => "Way of joining; the yarn is the same";
export const drawnThrough = (): string => "Drawn through";
export const overTheWrists = (): string => "Over the wrists";
export const aTOnTheTable = (): string => "A T on the table";
export const aSpiralIsAnOpen = (): string => "A spiral is an open strip. Knot it overhand, one knot a bag. Trim the tails or hide them under stitches.";
export const twistedWithAHandSpindle = (): string => "Twisted with a hand spindle";
export const notSpun = (): string => "Not spun";
export const twoTogether = (): string => "Two together";
export const bagsInABall = (): string => "Bags in a ball";
export const jointsInARow = (): string => "Joints in a row";
export const jointsA = (d: { readonly of: string | number }): string => "Joints a " + d.of;
export const timeForJoiningAtS = (d: { readonly seconds: string | number }): string => "Time for joining, at " + d.seconds + " s each";
export const weightOfTheYarnWith = (): string => "Weight of the yarn with its joints";
export const itHoldsAndAtA = (): string => "It holds, and at a joint";
export const snugNotTightTooTight = (): string => "Snug, not tight. Too tight tears and cannot be undone; too loose leaves holes. Plastic stretches in the hand, so measure it at rest.";
export const spun = (): string => "Spun";
