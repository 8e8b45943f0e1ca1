// Made of measures.json by `npm run words -- --make`: change the words there.

export const countItAgain = (): string => "Use it again";
export const leaveItOut = (): string => "Leave it out";
export const whatWasMeasured = (): string => "What was measured";
export const nothingYetASwatchOf = (): string => "Nothing yet. Start with a swatch of twenty stitches, or with ten joined pieces.";
export const timedAt = (d: { readonly taskTitles: string | number }): string => "Timed: " + d.taskTitles;
export const byInMin = (d: { readonly units: string | number; readonly unit: string | number; readonly people: string | number; readonly minutes: string | number }): string => '' + d.units + " " + d.unit + " by " + d.people + " in " + d.minutes + " min";
export const byPhoto = (d: { readonly what: string | number }): string => '' + d.what + ", by photo";
