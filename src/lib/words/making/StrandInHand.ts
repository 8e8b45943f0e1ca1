// Made of making.json by `npm run words -- --make`: change the words there.

export const yarnAtHand = (): string => "Yarn at hand";
export const noBallWasGivenFor = (): string => "No ball was given for it by label yet.";
export const atHandStillNeeded = (d: { readonly colour: string | number; readonly metres: string | number; readonly metres2: string | number }): string => '' + d.colour + ": " + d.metres + " at hand, " + d.metres2 + " still needed";
export const wantedInRow = (d: { readonly row: string | number }): string => "needed in row " + d.row;
export const itEndsInRow = (d: { readonly row: string | number }): string => "it ends in row " + d.row;
export const soThatItsStripesCome = (): string => "Ready balls that keep its stripes:";
export const readyBalls = (): string => "Ready balls:";
export const thatOne = (): string => "that one";
export const these = (d: { readonly length: string | number }): string => "these " + d.length;
export const give = (d: { readonly part: string | number }): string => "Give " + d.part;
export const noReadyBallSuitsIt = (): string => "No ready ball suits it.";
export const giveItABall = (): string => "Give it a ball";
export const give2 = (): string => "Give";
export const theBallsLabel = (): string => "The ball’s label";
export const givenFor = (d: { readonly code: string | number; readonly code2: string | number }): string => '' + d.code + " given for " + d.code2;
export const noNetwork = (d: { readonly code: string | number }): string => '' + d.code + ": no network.";
export const notGiven = (d: { readonly not: string | number }): string => "Not given: " + d.not;
export const given = (): string => "Given.";
