// Made of check.json by `npm run words -- --make`: change the words there.

export const check = (d: { readonly code: string | number }): string => '' + d.code + " · Check";
export const aboutThisMat = (): string => "About this mat";
export const howToMendIt = (): string => "How to mend it";
export const mended2 = (): string => "Mended";
export const mended = (d: { readonly code: string | number }): string => '' + d.code + " mended";
export const mendedCheckItAgain = (): string => "Mended: check it again.";
export const itsChecks = (): string => "Its checks";
export const somebodyHadCheckedItJust = (): string => "Someone checked it just before. Both checks are saved; the later one counts.";
export const by = (d: { readonly moment: string | number; readonly length: string | number; readonly length2: string | number }): string => '' + d.moment + ", " + d.length + " by " + d.length2;
export const thisCheck = (): string => "this check";
export const handOver = (): string => "Hand over";
export const itCanBe = (d: { readonly uses: string | number }): string => "It can be " + d.uses + ".";
