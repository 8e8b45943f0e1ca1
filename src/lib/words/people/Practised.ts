// Made of people.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const practised = (): string => "Practised";
export const rightOfIssitsSelectYes = (d: { readonly exerciseNames: string | number; readonly right: string | number; readonly asked: string | number; readonly isSits: 'yes' | 'no' }): string => '' + d.exerciseNames + ": " + d.right + " of " + d.asked + " right" + select(d.isSits, { yes: ", learned", other: "" });
export const youCanOpenASeat = (): string => "You can open a seat with it. Practice never opens a seat with a blade: that needs training.";
export const openToAsNewTo = (d: { readonly name: string | number; readonly seatWords: string | number }): string => "Let " + d.name + " sit at " + d.seatWords + ", as new to it";
