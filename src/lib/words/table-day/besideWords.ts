// Made of table-day.json by `npm run words -- --make`: change the words there.

export const loomStrandsToLay = (): string => "Loom strands to add";
export const matsToFinish = (): string => "Mats to finish";
export const matsToCheck = (): string => "Mats to check";
export const pillowsToStuff = (): string => "Pillows to stuff";
export const loomStrandToLay = (): string => "loom strand to add";
export const loomStrandsToLay2 = (): string => "loom strands to add";
export const matToFinish = (): string => "mat to finish";
export const matsToFinish2 = (): string => "mats to finish";
export const matToCheck = (): string => "mat to check";
export const matsToCheck2 = (): string => "mats to check";
export const pillowToStuff = (): string => "pillow to stuff";
export const pillowsToStuff2 = (): string => "pillows to stuff";
export const nobodyIsLeftForMore = (d: { readonly left: string | number }): string => "Nobody is free for " + d.left + ". Find more volunteers, or another day.";
