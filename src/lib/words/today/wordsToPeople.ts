// Made of today.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from '../number';

export const loadingALoom = (): string => "loading a loom";
export const weavingBands = (): string => "weaving bands";
export const stuffingPillows = (): string => "stuffing pillows";
export const onAtFromTo = (d: { readonly weekday: string | number; readonly place: string | number; readonly clock: string | number; readonly clock2: string | number }): string => "on " + d.weekday + " at " + d.place + ", from " + d.clock + " to " + d.clock2;
export const youBeginWith = (d: { readonly doings: string | number }): string => " You begin with " + d.doings + ".";
export const theTableMeetsYouSaid = (d: { readonly when: string | number; readonly seat: string | number }): string => "The table meets " + d.when + ". You said you will come." + d.seat + " If you cannot come, tell us: someone else takes your seat.";
export const noneIsLikely = (): string => "none is likely";
export const aboutOneIsLikely = (): string => "about one is likely";
export const aboutAreLikely = (d: { readonly count: string | number }): string => "about " + d.count + " are likely";
export const theTableMeetsSaidThey = (d: { readonly when: string | number; readonly length: string | number }): string => "The table meets " + d.when + ". " + d.length + " said they come. Everyone with time is welcome.";
export const lengthPluralOneOtherIn = (d: { readonly mats: string | number; readonly length: number }): string => '' + d.mats + " " + plural(d.length, 0, en, { one: "is", other: "are" }) + " being made.";
export const tocheckPluralOneOtherFor = (d: { readonly mats: string | number; readonly toCheck: number }): string => '' + d.mats + " " + plural(d.toCheck, 0, en, { one: "waits", other: "wait" }) + " for a check.";
export const tomendPluralOneOtherMending = (d: { readonly mats: string | number; readonly toMend: number }): string => '' + d.mats + " " + plural(d.toMend, 0, en, { one: "needs", other: "need" }) + " mending: minutes of work.";
export const readyPluralOneOtherReady = (d: { readonly mats: string | number; readonly ready: number }): string => '' + d.mats + " " + plural(d.ready, 0, en, { one: "is", other: "are" }) + " ready to go.";
export const ballsAreThereForWho = (d: { readonly mats: string | number }): string => "There is yarn for " + d.mats + ". Who would like to start one?";
export const bagsLackMostBringWhat = (): string => " We need bags most. Bring what you have, clean and dry.";
export const weNeedYarnMostEvery = (): string => " We need yarn most. Every volunteer at the table helps.";
export const weNeedMakersMostDo = (): string => " We need makers most. Do you know someone who would like to learn?";
export const wantedPluralOneOtherAsked = (d: { readonly mats: string | number; readonly wanted: number; readonly yearDay: string | number; readonly likely: string | number; readonly part: string | number }): string => '' + d.mats + " " + plural(d.wanted, 0, en, { one: "is", other: "are" }) + " asked for by " + d.yearDay + ": " + d.likely + "." + d.part;
export const thisWeek = (d: { readonly groupName: string | number }): string => '' + d.groupName + ", this week";
export const weaving = (): string => "weaving";
export const twining = (): string => "twining";
