// Made of know-how.json by `npm run words -- --make`: change the words there.

export const joiningAndBalls = (): string => "Joining and balls";
export const pegLoom = (): string => "Peg loom";
export const frameWithNails = (): string => "Frame with nails";
export const fingerWovenBands = (): string => "Finger-woven bands";
export const bags = (): string => "Bags";
export const crochet = (): string => "Crochet";
export const finish = (): string => "Finish";
