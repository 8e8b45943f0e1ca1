// Made of common.json by `npm run words -- --make`: change the words there.

export const tappedALotAtThe = (): string => "tapped a batch at the table";
