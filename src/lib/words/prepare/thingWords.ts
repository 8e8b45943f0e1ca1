// Made of prepare.json by `npm run words -- --make`: change the words there.

export const good = (): string => "good";
export const toMend = (): string => "to mend";
export const otherUse = (): string => "other use";
export const sentBack = (): string => "sent back";
export const takenApart = (): string => "taken apart";
export const givenAway = (): string => "given away";
export const missing = (): string => "missing";
export const madeOfAnotherKindOf = (): string => "made of another kind of bag";
export const cutAnotherWay = (): string => "cut another way";
export const itsStripsAreNarrowerThan = (): string => "its strips are narrower than the plan needs";
export const itsStripsAreWiderThan = (): string => "its strips are wider than the plan needs";
export const itsFilmIsThinnerThan = (): string => "its plastic is thinner than the plan needs";
export const itsFilmIsThickerThan = (): string => "its plastic is thicker than the plan needs";
export const anotherColourThanThePlan = (): string => "not a colour of the plan";
export const made = (): string => "made";
export const started = (): string => "started";
export const finished = (): string => "finished";
export const mended = (): string => "mended";
export const delivered = (): string => "delivered";
export const received = (): string => "received";
