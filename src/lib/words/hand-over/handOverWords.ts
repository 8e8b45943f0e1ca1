// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const shakeItOutHoseIt = (): string => "Shake it out. Hose it, and hang it to dry.";
export const keepItFromFlamesHeaters = (): string => "Keep it away from flames, heaters and cigarettes: plastic burns and drips.";
export const keepItFromSmallChildren = (): string => "Keep it away from small children. Never lay an infant on it: plastic can suffocate.";
export const shakeHoseHangToDry = (): string => "Shake, hose, hang to dry";
export const awayFromFlamesHeaters = (): string => "Away from flames, heaters";
export const awayFromSmallChildren = (): string => "Away from small children";
export const neverUnderAnInfant = (): string => "Never under an infant";
export const thePlacesOwnRulesCome = (): string => "The place’s own rules come first. Ask the people responsible there.";
export const by = (d: { readonly formatLength: string | number; readonly formatLength2: string | number }): string => '' + d.formatLength + " by " + d.formatLength2;
export const oneMat = (): string => "one mat";
export const onePillow = (): string => "one pillow";
export const to = (d: { readonly low: string | number; readonly high: string | number }): string => '' + d.low + " to " + d.high;
export const mats = (d: { readonly count: string | number }): string => '' + d.count + " mats";
export const pillows = (d: { readonly count: string | number }): string => '' + d.count + " pillows";
