// Made of making.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const lastRow = (d: { readonly yearDay: string | number }): string => " · last row " + d.yearDay;
export const versionStarted = (d: { readonly planName: string | number; readonly planVersion: string | number; readonly yearDay: string | number; readonly part: string | number }): string => '' + d.planName + ", version " + d.planVersion + " · started " + d.yearDay + d.part;
export const ofStrandsAreLaidIsstrands = (d: { readonly strands: string | number; readonly warpStrands: string | number; readonly isStrands: 'yes' | 'no' }): string => '' + d.strands + " of " + d.warpStrands + " strands are on the loom" + select(d.isStrands, { yes: ": add the others before the first row", other: "" }) + ". Keep each knot 75 mm from the pegs.";
export const messageSent = (d: { readonly yearDay: string | number }): string => "Message sent " + d.yearDay + ":";
export const theOutbox = (): string => "the outbox";
export const rowSheetToPrint = (): string => "Row sheet to print";
export const fromRowOnWhatWas = (d: { readonly near: string | number }): string => "From row " + d.near + " on. Type what was ticked on it above, like: to row 88.";
export const whatIsWrongWithIt = (): string => "What is wrong with it?";
export const passItOn = (): string => "Pass it on";
export const newMaker = (): string => "New maker";
export const atTheTable = (): string => "at the table";
export const itsRowsAndItsHistory = (): string => "Its rows and history go with it.";
