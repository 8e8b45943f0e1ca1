// Made of measures.json by `npm run words -- --make`: change the words there.

export const workTimed = (): string => "Add timed work";
export const saveTime = (): string => "Save time";
export const work = (): string => "Work";
export const how = (): string => "How";
export const howMany = (d: { readonly unit: string | number }): string => "How many " + d.unit;
export const rowsStrands = (): string => "rows × strands";
export const people = (): string => "People";
export const minutes = (): string => "Minutes";
export const onThisDay = (): string => "On this day";
export const whoOptional = (): string => "Who (optional)";
