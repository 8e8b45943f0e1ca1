// Made of know-how.json by `npm run words -- --make`: change the words there.

export const nextFor = (d: { readonly name: string | number }): string => "Next for " + d.name;
export const whySeat = (d: { readonly name: string | number; readonly station: string | number }): string => '' + d.name + " is at this station on the next table day: " + d.station + ".";
export const whyOn = (d: { readonly name: string | number; readonly station: string | number }): string => '' + d.name + " was at this station last: " + d.station + ".";
export const whyAfter = (d: { readonly name: string | number; readonly station: string | number }): string => "It comes after what " + d.name + " did: " + d.station + ".";
export const whyBegin = (d: { readonly station: string | number }): string => "A good way to begin: " + d.station + ".";
export const besideOn = (d: { readonly day: string | number; readonly names: string | number }): string => "On " + d.day + ", sit beside " + d.names + ".";
export const nobodyBeside = (d: { readonly day: string | number }): string => "On " + d.day + ", nobody who knows it is at that station yet.";
