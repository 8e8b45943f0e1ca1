// Made of common.json by `npm run words -- --make`: change the words there.

export const pegsAndNailsStandBetween = (): string => "Pegs and nails are 5 mm to 10 cm apart. Measure from middle to middle.";
export const tooShortForAMat = (): string => "Too short for a mat or longer than a hall. Between 45 cm and 6 m, please.";
export const measuredATool = (): string => "measured a tool";
export const removed = (): string => ", removed";
export const aTool = (): string => "a tool";
export const whichHook = (d: { readonly letter: string | number; readonly sizes: string | number }): string => "Makers give " + d.letter + " to several sizes: " + d.sizes + " mm. Which is it?";
