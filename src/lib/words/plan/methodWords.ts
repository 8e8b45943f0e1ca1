// Made of plan.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const loopsOf = (d: { readonly formatLength: string | number }): string => "loops of " + d.formatLength;
export const equalLoops = (d: { readonly equalStrips: string | number }): string => '' + d.equalStrips + " equal loops";
export const spiralOf = (d: { readonly formatLength: string | number }): string => "spiral of " + d.formatLength;
export const halfBags = (): string => "half bags";
export const wholeTubesHandlesKept = (): string => "whole tubes with handles";
export const wholeTubes = (): string => "whole tubes";
export const generousTrim = (): string => ", generous trim";
export const closeTrim = (): string => ", close trim";
export const weft = (d: { readonly cutting: string | number; readonly cut: string | number }): string => '' + d.cutting + "; weft " + d.cut;
export const pegLoomPegsApartBeaten = (d: { readonly small: string | number; readonly packing: string | number }): string => "peg loom, pegs " + d.small + " apart, packed " + d.packing;
export const twinedFrameNailsApart = (d: { readonly small: string | number }): string => "twined frame, nails " + d.small + " apart";
export const fingerBandsOfStrands = (d: { readonly warpStrands: string | number }): string => "finger bands of " + d.warpStrands + " strands";
export const mm = (d: { readonly stitch: string | number; readonly hook: string | number; readonly isLengthwise: 'yes' | 'no' }): string => '' + d.stitch + ", " + d.hook + " mm" + select(d.isLengthwise, { yes: ", lengthwise", other: "" });
