// Made of gather.json by `npm run words -- --make`: change the words there.

export const moveInOrOut = (): string => "Move in or out";
export const saveMovement = (): string => "Save movement";
export const direction = (): string => "Direction";
export const intoTheStore = (): string => "into the store";
export const outOfIt = (): string => "out of the store";
export const howMuch = (): string => "How much";
export const lbAndOz = (): string => "lb and oz";
export const gOrKg = (): string => "g or kg";
export const aCount = (): string => "a count";
export const of = (): string => "Of";
export const reason = (): string => "Reason";
export const whoOptional = (): string => "Who (optional)";
export const note = (): string => "Note";
