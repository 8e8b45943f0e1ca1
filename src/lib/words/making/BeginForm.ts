// Made of making.json by `npm run words -- --make`: change the words there.

export const startAMat = (): string => "Start a mat";
export const start = (): string => "Start";
export const plan = (): string => "Plan";
export const maker = (): string => "Maker";
export const atTheTable = (): string => "at the table";
export const labelOptional = (): string => "Label (optional)";
