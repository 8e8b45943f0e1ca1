// Made of common.json by `npm run words -- --make`: change the words there.

export const pressedTwiceAtOnceIt = (): string => "Pressed twice quickly: it counted once.";
