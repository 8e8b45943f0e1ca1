// Made of people.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const sources = (): string => "Sources";
export const noSourceYet = (): string => "No source yet. The first bags that come in name one.";
export const bagsCameIn = (): string => "Bags came in";
export const source = (): string => "Source";
export const bagsSoFar = (): string => "Bags so far";
export const sorted = (): string => "Sorted";
export const unusableSoFar = (): string => "Unusable so far";
export const expectedOfMore = (): string => "Expected of the next";
export const last = (): string => "Last";
export const receivingPlaces = (): string => "Receiving places";
export const whereMatsGo = (): string => "Where mats go. One place can be both.";
export const givesBagsToo = (): string => ", gives bags too";
export const remove = (): string => "Remove";
export const newReceivingPlace = (): string => "New receiving place";
export const addPlace = (): string => "Add place";
export const removed = (): string => "Removed";
export const removeThePlace = (d: { readonly name: string | number }): string => "Remove " + d.name + "?";
export const itAsksFor = (d: { readonly mats: number }): string => '' + plural(d.mats, 0, en, { one: "It asks for 1 mat", other: "It asks for " + number("en", d.mats, 0) + " mats" }) + ". The asks stay until you undo them.";
export const notConfirmed = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "1 delivery is not confirmed yet", other: '' + number("en", d.count, 0) + " deliveries are not confirmed yet" }) + ".";
export const cancel = (): string => "Cancel";
