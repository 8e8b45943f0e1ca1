// Made of common.json by `npm run words -- --make`: change the words there.

export const bags = (): string => "bags";
export const pieces = (): string => "pieces";
export const joints = (): string => "joints";
export const balls = (): string => "balls";
export const stitches = (): string => "stitches";
export const rows = (): string => "rows";
export const strands = (): string => "strands";
export const bands = (): string => "bands";
export const crossings = (): string => "crossings";
export const mats = (): string => "mats";
