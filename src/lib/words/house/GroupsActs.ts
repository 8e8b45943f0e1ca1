// Made of house.json by `npm run words -- --make`: change the words there.

export const youAreNotInThat = (): string => "You are not in that group.";
export const typeANameForThe = (): string => "Type a name for the group.";
export const atMost120CharactersAll = (): string => "At most 120 characters, without signs that cannot be shown.";
export const thisCouldNotBeRead = (): string => "This could not be read. Try again.";
export const typeTheNameAsIt = (): string => "Type the name exactly as above.";
export const thatGroupIsGoneOr = (): string => "That group is gone, or you are not its coordinator.";
