// Made of plan.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const theWarpIsCutInto = (): string => "Warp is cut into";
export const cutInto = (): string => "Cut into";
export const yarn = (): string => "Yarn";
export const aBag = (): string => "a bag";
export const leftOverAboveTheLast = (): string => "Left over above the last strip";
export const scrapABagForPillows = (): string => "Scrap per bag, for pillows";
export const layersUnderTheBladeBags = (d: { readonly bags: string | number }): string => "Layers under the blade, " + d.bags + " bags";
export const atTheGusset = (d: { readonly layersAtGusset: string | number }): string => ", " + d.layersAtGusset + " at the gusset";
export const cutWith = (): string => "Cut with";
export const stacksOf3 = (): string => "stacks of 3";
export const rollingBlade = (): string => "Rolling blade";
export const stacksOf20 = (): string => "stacks of 20";
export const rollingBladesAreForTrained = (): string => "Rolling blades are for trained adults. Cut away from the body, wear gloves, close the blade when you put it down. Children and unsteady hands take another seat.";
export const childrenAndUnsteadyHandsGet = (): string => "Children and unsteady hands use blunt scissors or another seat. Your hall's own rules come first.";
export const scissors = (): string => "Scissors";
export const bagsInAStack = (): string => "Bags in your stack";
export const asUsual = (d: { readonly bags: string | number }): string => "Empty: as usual. Now " + d.bags;
export const folds = (): string => "Times folded";
export const filmUnderIt = (d: { readonly film: string | number; readonly limit: string | number; readonly most: number }): string => '' + d.film + " mm of plastic. The tool takes " + d.limit + " mm: " + plural(d.most, 0, en, { one: "1 bag", other: '' + number("en", d.most, 0) + " bags" });
export const fromAPhoto = (): string => "Measure strips from a photo";
