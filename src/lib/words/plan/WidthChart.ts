// Made of plan.json by `npm run words -- --make`: change the words there.

export const stripWidthAgainstWork = (): string => "Strip width and work";
export const thisCutHasNoWidth = (): string => "This cut has no strip width: the whole bag is used. Choose loops or a spiral to see the effect.";
export const forThisTechniqueAllElse = (): string => "For this technique, everything else the same. Click the chart or use the slider to choose a width.";
export const bagsHoursAndCoverBy = (): string => "Bags, hours and closeness by strip width; the table below has the same figures.";
export const showAsATable = (): string => "Show as a table";
export const width = (): string => "Width";
export const bags = (): string => "Bags";
export const hours = (): string => "Hours";
export const closeness2 = (): string => "Closeness";
export const bagsToCollect = (): string => "bags to ask for";
export const widthOfTheWeftStrip = (): string => "width of the weft strip, mm";
export const stripWidthMm = (): string => "strip width, mm";
export const closeness = (): string => "closeness";
export const bags2 = (): string => "bags";
export const hours2 = (): string => "hours";
