// Made of house.json by `npm run words -- --make`: change the words there.

export const youReadHereAHelper = (): string => "You can read here. A helper or a coordinator can save this.";
export const thatIsNotInThe = (): string => "That entry is not there any more.";
export const onlyACoordinatorOfThe = (): string => "Only a coordinator of the group can save this.";
