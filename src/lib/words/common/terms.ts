// Made of common.json by `npm run words -- --make`: change the words there.

export const range = (): string => "Range";
export const in8Of10Cases = (): string => "In 8 of 10 cases the result is between these two figures. Your own measures bring them closer together.";
export const aPullOneNIs = (): string => "A pull. One N is about the weight of an apple. Ten are a litre of water. A careless tug is about 12.";
export const aThousandthOfAMillimetre = (): string => "A thousandth of a millimetre. A thin bag is 12 to 18 of them, a hair about 70. It is worked out from the weight of ten bags.";
export const keepsThisPlanNextTo = (): string => "Keeps this plan next to your work for comparison. Change a choice and every figure says how far it moved. It stays on this device.";
export const noOtherWayNeedsAs = (): string => "No other way needs as few bags, takes as few hours and covers as closely, all at once.";
export const yarnPlarn = (): string => "Yarn (plarn)";
export const theYarnMadeOfBags = (): string => "Yarn made of bags: strips or loops joined end to end, ready to crochet or weave. Many call it plarn, from plastic and yarn.";
export const closeness = (): string => "Closeness";
export const howWellTheStrandFills = (): string => "How well the yarn fills the mat: how many times the yarn covers its surface. Where it is close, no fingertip goes through and the cold stays below.";
export const compareWith = (): string => "Compare with";
export const notBeaten = (): string => "Not beaten";
