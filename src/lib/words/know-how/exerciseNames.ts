// Made of know-how.json by `npm run words -- --make`: change the words there.

export const overOrUnderNext = (): string => "Over or under next";
export const whichRowIsWrong = (): string => "Which row is wrong";
export const howManyCrossingsHome = (): string => "How many crossings home";
export const whichHookForThisStrand = (): string => "Which hook for this yarn";
export const isThisJointSnug = (): string => "Is this joint snug";
export const whichSeatIsFreeOf = (): string => "Which seat is free of blades";
export const whichRemedyForThisFault = (): string => "Which remedy for this fault";
export const whereThisBallRunsOut = (): string => "Where this ball runs out";
export const whereToTrim = (): string => "Where to trim";
export const joiningTheCuts = (): string => "Joining the cuts";
