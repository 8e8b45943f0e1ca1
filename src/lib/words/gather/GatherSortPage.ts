// Made of gather.json by `npm run words -- --make`: change the words there.

export const howToSort = (): string => "How to sort";
export const goodForStrand = (): string => "good for yarn";
export const rejected = (): string => "rejected";
export const drying = (): string => "drying";
export const stuffingOnly = (): string => "stuffing only";
export const flattenAndStackIt = (): string => "flatten and stack it";
export const holeAtSeamOrHandles = (): string => "Hole at seam or handles";
export const thatPartIsTrimmedOff = (): string => "that part is trimmed off";
export const holeInTheBody = (): string => "Hole in the body";
export const tooWeakForStrand = (): string => "too weak for yarn";
export const hangItAndComeBack = (): string => "hang it, and come back";
export const onlySmells = (): string => "Smells only";
export const rinseItAndHangIt = (): string => "rinse it and hang it";
export const brittleOrCrumbling = (): string => "Brittle or crumbling";
export const itFallsApartInThe = (): string => "it falls apart in the mat";
export const soiledOrMouldy = (): string => "Soiled or mouldy";
export const neverAtThisTable = (): string => "never at this table";
export const good = (): string => "Good";
export const damp = (): string => "Damp";
