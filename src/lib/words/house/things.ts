// Made of house.json by `npm run words -- --make`: change the words there.

export const noLabelWithThatCode = (): string => "No label with that code was printed for this group. Look at it again.";
export const thatLabelIsOnSomething = (): string => "That label is already on something. Take the next one.";
