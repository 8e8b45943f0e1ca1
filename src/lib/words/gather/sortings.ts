// Made of gather.json by `npm run words -- --make`: change the words there.

export const thatPileIsNotDrying = (): string => "That pile is not drying any more: someone sorted it, or said it is gone.";
export const onlyHangThereAndThis = (d: { readonly hanging: string | number; readonly sorted: string | number }): string => "Only " + d.hanging + " hang there, and this adds up to " + d.sorted + ". Count again. Other bags are a pile of their own.";
