// Made of table-day.json by `npm run words -- --make`: change the words there.

export const addPeopleFirst = (): string => "Add volunteers first";
export const andTickHereWhoCan = (): string => ", then tick here who can come.";
export const whoCanComeOn = (d: { readonly day: string | number }): string => "Who can come on " + d.day;
export const one = (): string => "one";
export const andWhoseNameIsForgotten = (d: { readonly part: string | number }): string => "And " + d.part + " whose name was deleted.";
export const saveWhoComes = (): string => "Save who comes";
export const chooseSeats = (): string => "Choose seats";
export const cancelTheDay = (): string => "Cancel the day";
export const nobodyHasSaidYet = (): string => "nobody has said yes yet";
export const oneCanCome = (): string => "one can come";
export const canCome = (d: { readonly all: string | number }): string => '' + d.all + " can come";
export const whoComes = (): string => "Who comes";
export const openTheDay = (): string => "Open the day";
