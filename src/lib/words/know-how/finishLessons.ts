// Made of know-how.json by `npm run words -- --make`: change the words there.

export const twoTiesOfHoldA = (d: { readonly long: string | number; readonly needs: string | number }): string => "Two ties of " + d.long + " hold a rolled mat. Chained, both take " + d.needs + " of yarn.";
export const orBraidThreeStrandsOuter = (d: { readonly needs: string | number }): string => "Or braid three strands, outer over middle, in turn: both take " + d.needs + ".";
export const drawTheTiesEndThrough = (): string => "Pull the tie’s end through the mat’s edge with a hook, and back through itself.";
export const drawItTightAndPull = (): string => "Pull it tight and pull hard once: a tie must hold.";
export const twoTiesAStrap = (): string => "two ties, a strap";
export const twoTies = (): string => "two ties";
export const chainOrBraidAStrap = (d: { readonly formatLength: string | number }): string => "Chain or braid a strap of " + d.formatLength + ".";
export const itIsCarriedOverThe = (): string => "It is carried over the shoulder, or slung across the body.";
export const theMatMustBeDry = (): string => "The mat must be dry, clean and without smell. Lay it flat, and shake it out first.";
export const foldItInHalfLengthwise = (): string => "Fold it in half lengthwise, edge on edge.";
export const rollItFromOneEnd = (): string => "Roll it from one end, tight and straight.";
export const tieItTwiceByIt = (d: { readonly formatLength: string | number; readonly formatLength2: string | number }): string => "Tie it twice. " + d.formatLength + " by " + d.formatLength2 + ", it makes such a roll.";
export const takeAWholeBagWithout = (): string => "Take a whole bag without holes, and the clean scrap of the table: trims and torn bags.";
export const fillItLooselyForThe = (d: { readonly mass: string | number }): string => "Fill it loosely, " + d.mass + " for the usual size: soft, not hard.";
export const pressTheAirOutAnd = (): string => "Press the air out, and knot or sew the opening so that no child can get in.";
export const rollItWithItsMat = (): string => "Roll it with its mat. It is for grown-up sleepers only.";
export const cutTheHandlesOffWhole = (): string => "Cut the handles off whole: each is a loop already.";
export const leaveOutWhatIsTorn = (): string => "Leave out what is torn or stiff with print: that goes to the stuffing.";
export const joinThemOneThroughThe = (): string => "Join them one through the other, like loops: thick yarn for borders and straps.";
export const whenAMatIsOff = (): string => "When a mat is off its loom, or its last row is worked.";
export const quickWithAHookTakes = (): string => "quick with a hook; takes more strand.";
export const needsNoHookAndLess = (): string => "needs no hook and less strand; takes three ends and a clip.";
export const handsStayFreeMoreStrand = (): string => "hands stay free; more strand, an hour more.";
export const quickerTheRollIsCarried = (): string => "quicker; the roll is carried under the arm.";
export const beforeItIsPacked = (): string => "Before it is packed.";
export const withScrapForWhoeverWishes = (): string => "With scrap, for anyone who wants one with a mat.";
export const scrapIsUsedAtThe = (): string => "scrap is used at the table; a pillow goes with a mat.";
