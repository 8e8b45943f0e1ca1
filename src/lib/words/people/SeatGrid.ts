// Made of people.json by `npm run words -- --make`: change the words there.

export const volunteer = (): string => "Volunteer";
export const nextDay = (): string => "Next day";
export const mat = (): string => "Mat";
export const noDay = (): string => "no day yet";
export const away = (d: { readonly day: string | number }): string => "away " + d.day;
