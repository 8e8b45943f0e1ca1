// Made of plan.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const stitchInIstermsSelectYes = (d: { readonly isTerms: 'yes' | 'no' }): string => "Stitch, in " + select(d.isTerms, { yes: "US", other: "UK" }) + " words";
export const hook = (): string => "Hook";
export const mm = (d: { readonly hook: string | number }): string => '' + d.hook + " mm";
export const theStrandIsThickIn = (d: { readonly fine: string | number; readonly near: string | number; readonly far: string | number }): string => "The yarn is " + d.fine + " thick in the hand; a " + d.near + " to " + d.far + " mm hook suits it.";
export const rowsRun = (): string => "Rows run";
export const shortRows = (): string => "short rows";
export const fewerTurns = (): string => "fewer turns";
export const across = (): string => "Across";
export const lengthwise = (): string => "Lengthwise";
export const hookFor = (): string => "What the hook is for";
export const dense = (): string => "Dense";
export const usual = (): string => "Usual";
export const loose = (): string => "Loose";
export const forClose = (): string => "Closest, for dry ground";
export const forMost = (): string => "For most mats";
export const forOpen = (): string => "For lumpy or open work";
export const hookTakes = (d: { readonly hook: string | number; readonly bags: string | number; readonly hours: string | number }): string => '' + d.hook + ": " + d.bags + " bags, " + d.hours + " h";
export const closenessOf = (d: { readonly cover: string | number }): string => "Closeness " + d.cover;
export const noneServes = (): string => "No hook here serves this.";
export const lettersDiffer = (): string => "Letters above L differ between makers: go by the millimetres.";
