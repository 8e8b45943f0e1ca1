// Made of plan.json by `npm run words -- --make`: change the words there.

export const widthOfTheMat = (): string => "Width of the mat";
export const lengthOfTheMat = (): string => "Length of the mat";
export const handleHeight = (): string => "Handle height";
export const seamToHandles = (): string => "Seam to handles";
export const gussetEachSide = (): string => "Gusset, each side";
export const flatWidth = (): string => "Flat width";
export const stripWidth = (): string => "Strip width";
