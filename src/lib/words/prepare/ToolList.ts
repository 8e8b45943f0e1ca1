// Made of prepare.json by `npm run words -- --make`: change the words there.

export const noneYetMeasureTheLoom = (): string => "None yet. Measure your loom or add your hooks: plans then use them.";
export const drawnToScale = (d: { readonly name: string | number }): string => '' + d.name + ", drawn to scale";
export const realThickness = (d: { readonly name: string | number }): string => '' + d.name + ", real thickness";
export const wantTheSameLoomOne = (d: { readonly wishes: string | number }): string => '' + d.wishes + " need the same loom: one after the other, or one on another loom.";
export const planWithIt = (): string => "Plan with it";
export const measureAgain = (): string => "Measure again";
export const remove = (): string => "Remove";
