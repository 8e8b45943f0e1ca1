// Made of people.json by `npm run words -- --make`: change the words there.

export const someoneChangedTheRhythm = (): string => "Someone changed the rhythm at the same time. Their version is here. Enter yours again.";
export const thatPlanIsGone = (): string => "That plan is not in your plans any more.";
