// Made of know-how.json by `npm run words -- --make`: change the words there.

export const whichSlitJoinsWhich = (): string => "Which slit joins which";
export const overOrUnderNext = (): string => "Over or under next";
export const whichRowIsWrong = (): string => "Which row is wrong";
export const howManyCrossingsHome = (): string => "How many crossings home";
export const whichHookForThisStrand = (): string => "Which hook for this strand";
export const isThisJointSnug = (): string => "Is this joint snug";
export const whichSeatIsFreeOf = (): string => "Which seat is free of blades";
export const whichRemedyForThisFault = (): string => "Which remedy for this fault";
