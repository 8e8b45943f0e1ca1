// Made of people.json by `npm run words -- --make`: change the words there.

export const cutBluntScissors = (): string => "Cut, blunt scissors";
export const cutSharpScissors = (): string => "Cut, sharp scissors";
export const cutRollingBlade = (): string => "Cut, rolling blade";
export const windBalls = (): string => "Wind balls";
export const loadALoom = (): string => "Load a loom";
export const weaveBands = (): string => "Weave bands";
export const stuffPillows = (): string => "Stuff pillows";
export const worksSittingOnly = (): string => "works sitting down only";
export const worksWithOneHand = (): string => "works with one hand";
export const hasPoorSight = (): string => "has poor sight: no cutting, no colour work";
export const needsShortSpells = (): string => "needs short spells: 30 minutes, then 10 of rest";
export const aChildCutsWithAn = (): string => "A child cuts with an adult beside them, all the time.";
export const adultsSharpScissorsLieClosed = (): string => "Adults only. Close sharp scissors when you put them down.";
export const trainedAdultsOnlyCutAway = (): string => "Trained adults only. Cut away from the body, wear gloves, close the blade when you put it down.";
export const rodsSitUnderTensionMind = (): string => "Rods are under tension: mind eyes and fingers.";
export const theSameMoveAgainAnd = (): string => "The same move again and again: take a break every 45 minutes.";
export const theSameMoveAgainAnd2 = (): string => "The same move again and again: change seats before hands hurt.";
export const scrapCanSuffocateKeepIt = (): string => "Scrap can suffocate. Keep it bagged and away from small children.";
export const flatten = (): string => "Flatten";
export const join = (): string => "Join";
export const weave = (): string => "Weave";
export const crochet = (): string => "Crochet";
export const twine = (): string => "Twine";
export const finish = (): string => "Finish";
export const check = (): string => "Check";
export const wantsCompany = (): string => "wants an adult beside them";
