// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const onTheShelf = (): string => "On the shelf";
export const noMatIsReady = (): string => "No mat is ready. A mat comes here once its check is good.";
export const check = (): string => "Check";
export const tapOrDragToPack = (): string => "Tap or drag a mat to pack it.";
export const packed = (): string => "packed";
