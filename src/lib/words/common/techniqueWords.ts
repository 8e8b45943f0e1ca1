// Made of common.json by `npm run words -- --make`: change the words there.

export const pegLoom = (): string => "peg loom";
export const twinedFrame = (): string => "twined frame";
export const fingerBands = (): string => "finger bands";
export const crochet = (): string => "crochet";
