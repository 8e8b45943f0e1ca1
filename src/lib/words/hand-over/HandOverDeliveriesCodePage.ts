// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const deliveryNote = (): string => "Delivery note";
export const tagsWithCareWords = (): string => "Tags with care instructions";
export const resultsSoFar = (): string => "Results so far";
export const whatToCarry = (): string => "What to carry";
export const and = (d: { readonly pillows: string | number }): string => " and " + d.pillows;
export const about = (d: { readonly mats: string | number; readonly part: string | number }): string => '' + d.mats + d.part + ", about";
export const howThickRollsNoPlan = (d: { readonly unrolled: string | number }): string => "No plan says how thick " + d.unrolled + " rolls. Look before you pack.";
export const withPillow = (d: { readonly pillow: string | number }): string => ", with pillow " + d.pillow;
export const care = (): string => "Care";
export const howTheyReceiveMatsIs = (): string => "How they receive mats is not known yet.";
export const sayHowTheyReceiveThem = (): string => "Add how they receive them";
export const event = (d: { readonly gathering: string | number }): string => "Event: " + d.gathering + ".";
export const addToCalendar = (): string => "Add to calendar";
export const received = (): string => "Received";
export const wasItReceived = (): string => "Was it received?";
export const aMistake = (): string => "Made a mistake?";
