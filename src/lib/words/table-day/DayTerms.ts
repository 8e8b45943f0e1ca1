// Made of table-day.json by `npm run words -- --make`: change the words there.

export const breaksAt = (): string => "Breaks at";
export const after45MinutesOfThe = (): string => "After 45 minutes of the same work.";
export const minutesPerBreak = (): string => "Minutes per break";
const for_ = (): string => "For";
export { for_ as for };
export const ballsWanted = (): string => "Balls wanted";
export const cutWith = (): string => "Cut with";
export const scissors = (): string => "scissors";
export const rollingBladeTrainedAdultsOnly = (): string => "rolling blade, trained adults only";
export const andAlso = (): string => "And also";
export const whatElseTheDayIs = (): string => "What else is planned.";
export const saveDay = (): string => "Save day";
export const leftEmptyWhereNoneAre = (): string => "Left empty where none are.";
export const from = (): string => "From";
export const to = (): string => "To";
