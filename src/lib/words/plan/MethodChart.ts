// Made of plan.json by `npm run words -- --make`: change the words there.

export const methodsByBagsAndHours = (d: { readonly length: string | number; readonly length2: string | number }): string => '' + d.length + " ways by bags and hours; the best " + d.length2 + " are listed below.";
export const pegLoom = (): string => "peg loom";
export const twinedFrame = (): string => "twined frame";
export const fingerBands = (): string => "finger bands";
export const thisPlan = (): string => "this plan";
export const bagsToCollect = (): string => "bags to ask for";
export const coverOfClose = (d: { readonly round: string | number }): string => ", closeness " + d.round + " % of close";
export const bagsH = (d: { readonly label: string | number; readonly x: string | number; readonly y: string | number; readonly part: string | number }): string => '' + d.label + ": " + d.x + " bags, " + d.y + " h" + d.part;
export const hours = (): string => "hours";
