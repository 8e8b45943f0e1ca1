// Made of common.json by `npm run words -- --make`: change the words there.

export const theWork = (): string => "The work";
export const whoAndWhat = (): string => "Who and with what";
export const thisGroup = (): string => "This group";
export const thisComputer = (): string => "This computer";
