// Made of prepare.json by `npm run words -- --make`: change the words there.

export const nothingSorted = (): string => "Nothing sorted.";
export const tapBagsToLayA = (): string => "Tap bags to flatten a batch.";
export const tapFlatBagsToCut = (): string => "Tap flat bags to cut a batch.";
export const tapPiecesToJoinThem = (): string => "Tap pieces to join them.";
export const tapStrandToWindA = (): string => "Tap yarn to wind a ball.";
export const bags = (): string => "Bags";
export const flat = (): string => "Flat";
export const cut = (): string => "Cut";
export const yarn = (): string => "Yarn";
export const balls = (): string => "Balls";
