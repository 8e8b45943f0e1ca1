// Made of people.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const people = (): string => "Volunteers";
export const aFirstNameOrA = (): string => "A first name or nickname, and what you need to know to seat them well. Names are only here, so they can be deleted everywhere at once.";
export const newVolunteer = (): string => "New volunteer";
export const add = (): string => "Add";
export const noNamesYetNobodyHas = (): string => "No names yet. Nobody has to give one.";
export const deleteTheName = (): string => "Delete the name";
export const theNameIsDeletedEverywhere = (d: { readonly name: string | number }): string => "The name " + d.name + " is deleted everywhere here, also from lists on the table. So are their seats, things to allow for and who they sit with. Their bags, counts, measures and past seats stay, without a name. Free remarks stay as written: check those yourself. Older copies of the database still have the name until you delete them. This cannot be undone.";
export const deleteTheName2 = (d: { readonly name: string | number }): string => "Delete the name " + d.name;
export const cancel = (): string => "Cancel";
export const theyHaveMats = (d: { readonly count: number; readonly codes: string | number }): string => '' + plural(d.count, 0, en, { one: "They have the mat " + d.codes + ". Ask for it and pass it on.", other: "They have the mats " + d.codes + ". Ask for them and pass them on." });
export const theySaidYes = (d: { readonly days: number; readonly seats: string | number }): string => '' + plural(d.days, 0, en, { one: "They said yes to 1 table day", other: "They said yes to " + number("en", d.days, 0) + " table days" }) + ", with a seat on " + d.seats + ". Choose seats there again.";
export const nothingHangs = (): string => "They have no mat and no seat.";
