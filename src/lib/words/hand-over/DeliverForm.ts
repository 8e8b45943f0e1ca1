// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const sendMats = (): string => "Send mats";
export const theyGo = (): string => "Record delivery";
export const whichOfThem = (): string => "Which mats";
export const theirLabels = (): string => "Their labels";
export const toWhichPlace = (): string => "Receiving place";
export const onWhichDay = (): string => "Day";
export const aWordOnIt = (): string => "Note for them";
export const pillowsThatGoWithThem = (): string => "Pillows";
export const onePillowLies = (): string => "One pillow";
export const pillowsLie = (d: { readonly length: string | number }): string => '' + d.length + " pillows";
export const there = (d: { readonly part: string | number }): string => '' + d.part + " ready.";
const with_ = (d: { readonly chosen: string | number }): string => "with " + d.chosen;
export { with_ as with };
export const byItself = (): string => "on its own";
export const aPillowWithEach = (): string => "A pillow with each";
export const cratesOfAGathering = (d: { readonly crate: string | number }): string => "Boxes of " + d.crate + ", a gathering";
export const crateWide = (): string => "Box width";
export const deep = (): string => "depth";
export const high = (): string => "height";
export const aGatheringGoesWithIt = (): string => "Event at the delivery";
export const whatForAndWhenIt = (): string => "What and when. It goes into the calendar.";
