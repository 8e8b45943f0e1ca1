// Made of house.json by `npm run words -- --make`: change the words there.

export const onThisDevice = (): string => "On this device";
export const asTheGroupHasThem = (): string => "same as the group";
export const stitchNames = (): string => "Stitch names";
export const toMatchTheUnits = (): string => "to match the units";
export const look = (): string => "Look";
export const saveForThisDevice = (): string => "Save for this device";
export const forTheWholeGroup = (): string => "For the whole group";
export const forEveryDeviceWithoutSettings = (): string => "For every device without settings of its own.";
export const nameOfTheGroup = (): string => "Name of the group";
export const itStandsOnListsAnd = (): string => "It is printed on lists and ask sheets.";
export const timeZoneOfTheHall = (): string => "Time zone of the hall";
export const daysChangeAtMidnightIn = (): string => "Days change at midnight in the hall, wherever you type.";
export const languageAndCountryWhoseWay = (): string => "Language and country, for how numbers are written";
export const suchAsEnGbPt = (): string => "Like en-GB, pt-PT or de-CH.";
export const daysThatPagesStayOn = (): string => "Days that pages stay on a device without network";
export const saveForAll = (): string => "Save for all";
export const centimetresAndGrams = (): string => "centimetres and grams";
export const feetAndInchesPoundsAnd = (): string => "feet and inches, pounds and ounces";
export const usSingleHalfDoubleDouble = (): string => "US: single, half double, double";
export const ukDoubleHalfTrebleTreble = (): string => "UK: double, half treble, treble";
export const letter = (): string => "Letter";
export const whoReads = (): string => "Group and sign-in";
export const teenagersSharp = (): string => "Teenagers may cut with sharp scissors when an adult is at the station";
