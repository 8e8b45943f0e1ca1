// Made of common.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from '../number';

export const waitingPluralOneOtherOn = (d: { readonly waiting: number }): string => '' + d.waiting + " " + plural(d.waiting, 0, en, { one: "entry waits", other: "entries wait" }) + " on this device";
export const andIsBeingSent = (): string => "and is being sent.";
export const notSaved = (d: { readonly words: string | number }): string => "Not saved: " + d.words + ".";
export const yesItIsRight = (): string => "Yes, it is right";
export const correctIt = (): string => "Correct it";
export const toItsPage = (): string => "Open its page";
export const throwItAway = (): string => "Delete";
export const someoneElse = (): string => "someone else";
export const they = (): string => "They";
export const lengthPluralOneOtherOf = (d: { readonly length: number; readonly name: string | number; readonly name2: string | number }): string => '' + d.length + " " + plural(d.length, 0, en, { one: "entry", other: "entries" }) + " of " + d.name + " " + plural(d.length, 0, en, { one: "waits", other: "wait" }) + " on this device. " + d.name2 + " must sign in here to send " + plural(d.length, 0, en, { one: "it", other: "them" }) + ".";
export const untilTheNetworkIsBack = (): string => "until the network is back. Nothing is lost.";
export const untilTheServerCanTake = (): string => "until the server can take it. Nothing is lost.";
export const untilYouSignInAgain = (): string => "until you sign in again. Nothing is lost.";
export const untilWhoeverTypedItSigns = (): string => "until the person who typed it signs in here. Nothing is lost.";
