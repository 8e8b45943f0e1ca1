// Made of sheets.json by `npm run words -- --make`: change the words there.

export const bladesAreForTrainedAdults = (): string => "Blades are for trained adults. Cut away from the body, wear gloves, close the blade when you put it down. Children and unsteady hands use blunt scissors or another seat.";
export const filmCanSuffocateBagEvery = (): string => "Plastic can suffocate: bag every scrap at once, away from babies and small children. It burns and drips: nothing hot near the table.";
export const fiveMinutesRestInEvery = (): string => "Rest five minutes in every 45, and change seats. Pain means stop. The house’s own rules come first.";
export const layTheNextRingThrough = (): string => "Put the next loop through the end of the yarn and back through itself.";
export const drawItFromTheKnot = (): string => "Pull gently from the knot, both sides of the loop even. Snug and small, not tight.";
export const layBothEndsSideBy = (): string => "Lay both ends side by side and tie them as one, with a single overhand knot.";
export const drawItUpSmallAnd = (): string => "Pull it small, and lay the tails under the work.";
export const cutASlitAFinger = (): string => "Cut a slit a finger wide into both ends; lay one end on the other, slit on slit.";
export const drawTheFarEndOf = (): string => "Draw the far end of the new strip through both slits.";
export const toCutAndJoin = (): string => "To cut and join";
export const asThePilesLieNow = (): string => "as the piles are now";
export const noMatsAreWantedSay = (): string => "No mats are wanted. Say under Gather, Asks how many of each plan you want.";
export const version = (d: { readonly name: string | number; readonly version: string | number }): string => '' + d.name + ", version " + d.version;
export const itsBagIsNoneOf = (): string => "Its bag is not one of your kinds, so nothing here is cut for it.";
export const piecesABagWideBags = (d: { readonly kind: string | number; readonly piecesPerBag: string | number; readonly width: string | number; readonly stack: string | number; readonly bagsPerBall: string | number; readonly bagsPerBall2: string | number }): string => '' + d.kind + ": " + d.piecesPerBag + " pieces a bag, " + d.width + " wide; " + d.stack + " bags at a time. " + d.bagsPerBall + " bags make a ball: count " + d.bagsPerBall2 + " pieces for it.";
export const allOfTheNextMat = (): string => "The next mat is all cut. Join and wind what is here.";
export const cutFlatOnes = (): string => "Cut flat ones";
export const flattenFirst = (): string => "Flatten first";
export const notInStore = (): string => "Not in store";
export const inThisOrderTheFirst = (): string => "In this order: the first balls are the first stripes of the mat.";
export const inThisOrder = (): string => "In this order.";
export const balls = (): string => "Balls";
export const colour = (): string => "Colour";
export const any = (): string => "any";
export const short = (d: { readonly bags: string | number }): string => '' + d.bags + " short";
