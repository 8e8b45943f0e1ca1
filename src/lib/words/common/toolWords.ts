// Made of common.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const pegLoom = (): string => "peg loom";
export const nailFrame = (): string => "nail frame";
export const crochetHook = (): string => "crochet hook";
export const bluntScissors = (): string => "blunt scissors";
export const rollingBladeAndBoard = (): string => "rolling blade and board";
export const handSpindle = (): string => "hand spindle";
export const pegsApartFromPegTo = (d: { readonly pegs: string | number; readonly formatSpacing: string | number; readonly formatLength: string | number; readonly formatLength2: string | number; readonly isHasRods: 'yes' | 'no' }): string => '' + d.pegs + " pegs, " + d.formatSpacing + " apart, " + d.formatLength + " from peg to peg; a mat about " + d.formatLength2 + " wide" + select(d.isHasRods, { yes: "", other: ", no side rods" });
export const nailsApartLongAPanel = (d: { readonly nails: string | number; readonly formatSpacing: string | number; readonly formatLength: string | number; readonly formatLength2: string | number; readonly isRods: 'yes' | 'no' }): string => '' + d.nails + " nails, " + d.formatSpacing + " apart, " + d.formatLength + " long; a panel about " + d.formatLength2 + " wide, rods held by " + select(d.isRods, { yes: "eyes", other: "bare nails" });
export const scissors = (): string => "scissors";
export const winder = (): string => "winder";
export const scale = (): string => "scale";
export const box = (): string => "box";
