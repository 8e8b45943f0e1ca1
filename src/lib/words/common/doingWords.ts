// Made of common.json by `npm run words -- --make`: change the words there.

export const flattening = (): string => "flattening";
export const cutting = (): string => "cutting";
export const joining = (): string => "joining";
export const windingBalls = (): string => "winding balls";
export const crochet = (): string => "crochet";
export const finishing = (): string => "finishing";
export const checking = (): string => "checking";
