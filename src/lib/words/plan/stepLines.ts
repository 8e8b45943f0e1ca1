// Made of plan.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en, number } from '../number';

export const thinCarrier = (): string => "thin carrier";
export const heavierShopBag = (): string => "heavier shop bag";
export const milkPouch = (): string => "milk pouch";
export const ourOwnBag = (): string => "our own bag";
export const loopThroughLoop = (): string => "loop through loop";
export const overhandKnot = (): string => "overhand knot";
export const slitInSlit = (): string => "slit in slit";
export const spunTwoPly = (): string => ", spun two-ply";
export const piecesPluralOneOtherOf = (d: { readonly pieces: number; readonly width: string | number }): string => '' + d.pieces + " " + plural(d.pieces, 0, en, { one: "loop", other: "loops" }) + " of " + d.width;
export const spiralOfTurns = (d: { readonly width: string | number; readonly turns: string | number }): string => "spiral of " + d.width + ", " + d.turns + " turns";
export const twoHalfBagsWholeFilm = (): string => "two half bags, nothing wasted";
export const wholeTubeWide = (d: { readonly width: string | number }): string => "whole tube, " + d.width + " wide";
export const mmHook = (d: { readonly stitchName: string | number; readonly hookMm: string | number }): string => '' + d.stitchName + ", " + d.hookMm + " mm hook";
export const pegLoomPegsBeaten = (d: { readonly part: string | number; readonly packing: string | number }): string => "peg loom, " + d.part + " pegs, packed " + d.packing;
export const panels = (d: { readonly count: string | number }): string => ", " + d.count + " panels";
export const twinedFrameNails = (d: { readonly part: string | number; readonly part2: string | number }): string => "twined frame, " + d.part + " nails" + d.part2;
export const fingerWovenBandsOfStrands = (d: { readonly part: string | number; readonly warpStrands: string | number }): string => '' + d.part + " finger-woven bands of " + d.warpStrands + " strands";
export const noTies = (): string => "no ties";
export const twoIstiesSelectYesOther = (d: { readonly isTies: 'yes' | 'no'; readonly isHasStrap: 'yes' | 'no' }): string => "two " + select(d.isTies, { yes: "chained", other: "braided" }) + " ties" + select(d.isHasStrap, { yes: ", carry strap", other: "" });
export const oneSleeper = (d: { readonly formatLength: string | number; readonly formatLength2: string | number }): string => '' + d.formatLength + " × " + d.formatLength2 + ", one sleeper";
export const jointsBallsOf = (d: { readonly jointNames: string | number; readonly spinNames: string | number; readonly ceil: string | number; readonly bagsPerBall: string | number }): string => '' + d.jointNames + d.spinNames + ", " + d.ceil + " joints, balls of " + d.bagsPerBall;
export const spun = (): string => ", spun";
export const andMoreKinds = (d: { readonly bag: string | number; readonly more: number }): string => '' + d.bag + " and " + plural(d.more, 0, en, { one: "1 more kind", other: '' + number("en", d.more, 0) + " more kinds" });
