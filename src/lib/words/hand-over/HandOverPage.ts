// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const noDeliveriesYet = (): string => "No deliveries yet";
export const deliveries = (): string => "Deliveries";
export const ofOne = (): string => "of one";
export const of = (d: { readonly toCome: string | number }): string => "of " + d.toCome;
export const notConfirmedYet = (d: { readonly part: string | number }): string => '' + d.part + " not confirmed yet";
export const addToCalendar = (): string => "Add to calendar";
export const and = (d: { readonly pillows: string | number }): string => " and " + d.pillows;
export const event = (d: { readonly gathering: string | number }): string => "Event: " + d.gathering;
export const received = (d: { readonly yearDay: string | number; readonly part: string | number }): string => "received " + d.yearDay + d.part;
export const older = (): string => "Older";
export const firstAddAReceivingPlace = (): string => "Ready mats are packed here. First add a place that receives them.";
export const sourcesAndReceivingPlaces = (): string => "Sources and receiving places";
