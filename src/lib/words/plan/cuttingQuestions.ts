// Made of plan.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const aQuarterOfTheBag = (): string => "a quarter of the bag";
export const halfOfIt = (): string => "half of it";
export const theWhole = (): string => "the whole";
export const cuttingHJoiningH = (d: { readonly cut: string | number; readonly join: string | number }): string => "cutting " + d.cut + " h, joining " + d.join + " h";
export const ofScrap = (d: { readonly mass: string | number }): string => '' + d.mass + " of scrap";
export const howWideAStrip = (): string => "How wide a strip";
export const narrowStripsMakeASupple = (): string => "Narrow strips make soft, close fabric with many joints. Wide ones are quick, hold more and need a large hook. Both make good mats.";
export const whichCut = (): string => "Which cut";
export const ringsJoinWithoutKnotsTo = (): string => "Loops join without knots to trim. A spiral has one knot a bag and takes longer to cut. Half bags waste nothing. A whole tube is one wide loop: no measuring and fewer joints, but more bags, because it makes the yarn thick.";
export const halfBags = (): string => "half bags";
export const wholeTubes = (): string => "whole tubes";
export const howMuchToTrim = (): string => "How much to trim";
export const aGenerousTrimLeavesNo = (): string => "A generous trim removes half-melted edges and gives stuffing for pillows. A close one leaves less scrap: the same loops are wider, and their yarn thicker.";
export const whatToDoWithScraps = (): string => "What to do with scraps";
export const allOfItCanStuff = (): string => "All of it can stuff a pillow for the mat. Whole handles chain into thick yarn. The rest can go to plastic recycling. Bag loose scraps at the table: they blow away.";
export const handleYarn = (): string => "handle yarn";
export const ofHandles = (d: { readonly mass: string | number }): string => '' + d.mass + " of handles";
export const upTo = (d: { readonly mass: string | number }): string => "up to " + d.mass;
export const joints = (d: { readonly count: string | number }): string => '' + d.count + " joints";
export const aBag = (d: { readonly length: string | number }): string => '' + d.length + " a bag";
export const pillows = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: '' + number("en", d.count, 0) + " pillow", other: '' + number("en", d.count, 0) + " pillows" });
export const thick = (d: { readonly length: string | number; readonly fine: string | number }): string => '' + d.length + ", " + d.fine + " thick";
