// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const nothingWentOutYet = (): string => "No deliveries yet";
export const whatWentOut = (): string => "Deliveries";
export const ofOne = (): string => "of one";
export const of = (d: { readonly toCome: string | number }): string => "of " + d.toCome;
export const nobodyHasSaidYetThat = (d: { readonly part: string | number }): string => '' + d.part + " not confirmed yet";
export const forACalendar = (): string => "Add to calendar";
export const and = (d: { readonly pillows: string | number }): string => " and " + d.pillows;
export const withIt = (d: { readonly gathering: string | number }): string => "Event: " + d.gathering;
export const received = (d: { readonly yearDay: string | number; readonly part: string | number }): string => "received " + d.yearDay + d.part;
export const olderOnes = (): string => "Older";
export const sayFirstWhichPlacesReceive = (): string => "First add a receiving place under";
export const peopleAndPlaces = (): string => "People and places";
