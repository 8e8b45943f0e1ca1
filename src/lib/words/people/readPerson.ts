// Made of people.json by `npm run words -- --make`: change the words there.

export const aChildGetsBluntScissors = (): string => "A child uses blunt scissors only, never sharp ones or a blade. Remove those seats.";
export const noBladeForATeenager = (): string => "No rolling blade for a teenager.";
