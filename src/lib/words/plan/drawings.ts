// Made of plan.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en } from '../number';

export const strandsOfWarp = (d: { readonly warpStrands: string | number }): string => '' + d.warpStrands + " strands of warp";
export const warpEnds = (d: { readonly warpEnds: string | number }): string => '' + d.warpEnds + " warp ends";
export const passesEach = (d: { readonly rows: string | number }): string => '' + d.rows + " passes each";
export const theMatToScaleWide = (d: { readonly mat: string | number; readonly mat2: string | number; readonly rows: string | number; readonly cross: string | number; readonly mat3: string | number; readonly part: string | number }): string => "The mat to scale, " + d.mat + " wide and " + d.mat2 + " long: " + d.rows + ", " + d.cross + ", with a sleeper of " + d.mat3 + " lying on it." + d.part;
export const gussetsOf = (d: { readonly gusset: string | number }): string => "gussets of " + d.gusset;
export const noGussets = (): string => "no gussets";
export const handlesOf = (d: { readonly handle: string | number }): string => "handles of " + d.handle;
export const noHandles = (): string => "no handles";
export const theBagLyingFlatFrom = (d: { readonly width: string | number; readonly body: string | number; readonly part: string | number; readonly part2: string | number }): string => "The bag lying flat: " + d.width + ", " + d.body + " from the seam to the handles, " + d.part + ", " + d.part2 + ".";
export const seamOff = (): string => "seam off";
export const turn = (d: { readonly ring: string | number }): string => "turn " + d.ring;
export const ring = (d: { readonly ring: string | number }): string => "loop " + d.ring;
export const shortRing = (): string => "short loop";
export const leftOver = (): string => "left over";
export const twoHalves = (): string => "two halves";
export const aBagWideLyingFlat = (d: { readonly wide: string | number }): string => "A bag " + d.wide + " wide lying flat, cut down the middle between the handles into two halves; nothing is trimmed.";
export const intoOneSpiralStripOf = (d: { readonly count: string | number; readonly each: string | number }): string => "into one spiral strip of " + d.count + " turns of " + d.each + ": slit up to a margin, then slanted over to the next slit";
export const straightAcrossIntoCountPlural = (d: { readonly count: number; readonly each: string | number }): string => "straight across into " + d.count + " " + plural(d.count, 0, en, { one: "loop", other: "loops" }) + " of " + d.each;
export const once = (): string => "once";
export const twice = (): string => "twice";
export const threeTimes = (): string => "three times";
export const folded = (d: { readonly part: string | number }): string => ", folded " + d.part;
export const aBagWideLyingFlat2 = (d: { readonly wide: string | number; readonly part: string | number; readonly isAreHandlesUsed: 'yes' | 'no'; readonly part2: string | number }): string => "A bag " + d.wide + " wide lying flat, cut " + d.part + ", with the bottom seam" + select(d.isAreHandlesUsed, { yes: "", other: " and the handles" }) + " trimmed off" + d.part2 + ".";
