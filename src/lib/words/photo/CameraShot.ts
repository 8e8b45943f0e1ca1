// Made of photo.json by `npm run words -- --make`: change the words there.

export const useThisCamera = (): string => "Use this camera";
export const takeIt = (): string => "Take the photo";
export const stop = (): string => "Stop";
export const noCamera = (): string => "The camera cannot be used here. Choose a photo instead.";
