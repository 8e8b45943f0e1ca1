// Made of common.json by `npm run words -- --make`: change the words there.

export const readALabel = (): string => "Read a label";
export const pointTheCamera = (): string => "Point the camera at the square code of a label.";
export const noCamera = (): string => "The camera cannot be used here. Type the label code.";
export const stop = (): string => "Stop";
