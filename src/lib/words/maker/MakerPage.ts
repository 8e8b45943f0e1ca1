// Made of maker.json by `npm run words -- --make`: change the words there.

export const theMat = (d: { readonly code: string | number }): string => "The mat " + d.code;
export const whatYouCountedSinceIs = (): string => "What you counted since then is still on this phone.";
export const whatCameFromHereSince = (): string => "What came from here after it was closed waits for a coordinator.";
export const keptOnThisPhone = (d: { readonly waiting: string | number }): string => '' + d.waiting + " saved on this phone";
export const noNetworkTheyGoUp = (): string => ": no network. They are sent by themselves later.";
export const beingSent = (): string => ", being sent.";
export const notSaved = (d: { readonly values: string | number }): string => "Not saved: " + d.values;
export const yesItIsRight = (): string => "Yes, it is right";
export const throwItAway = (): string => "Delete";
export const theSameMovementOverAnd = (): string => "The same movement again and again tires your hands. Rest five minutes in every 45. If it hurts, stop.";
export const writeToTheTable = (): string => "Write to the table";
export const youAskedForABall = (): string => "You asked for a ball. The table sees it. Nobody has answered yet.";
export const youAskedThatItBe = (): string => "You asked to pass the mat on. The table sees it. Nobody has answered yet.";
export const yourNoteIsSaved = (): string => "Your note is saved.";
export const noteForThem = (): string => "Note for them";
export const send = (): string => "Send";
export const whatIsWrongWithIt = (): string => "What is wrong with it?";
export const thisMatIsNotBeing = (): string => "This mat is not being made any more. Thank you for your work.";
export const mat = (d: { readonly groupId: string | number; readonly code: string | number }): string => '' + d.groupId + " mat " + d.code;
export const writeANoteFirst = (): string => "Write a note first.";
export const notSaved2 = (): string => "Not saved";
export const iNeedABall = (): string => "I need a ball";
export const keptTheTableSeesThat = (): string => "Saved. The table sees that you need a ball.";
export const iCannotGoOnPlease = (): string => "I cannot go on: please collect it";
export const keptTheTableSeesThat2 = (): string => "Saved. The table sees that the mat must be collected. Thank you for what you made.";
