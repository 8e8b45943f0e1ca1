// Made of prepare.json by `npm run words -- --make`: change the words there.

export const thatToolIsNotIn = (): string => "That tool is not in the list any more.";
export const thereIsAlreadyATool = (): string => "There is already a tool with that name. Choose another name.";
