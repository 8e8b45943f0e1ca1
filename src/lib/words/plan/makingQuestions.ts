// Made of plan.json by `npm run words -- --make`: change the words there.

export const rowsAndAsManyTurns = (d: { readonly rows: string | number }): string => '' + d.rows + " rows and as many turns";
export const minARow = (d: { readonly makeSeconds: string | number }): string => '' + d.makeSeconds + " min a row";
export const whichTechnique = (): string => "Which technique";
export const crochetNeedsAHookAnd = (): string => "Crochet needs a hook and practice, and can travel home. A peg loom seats up to four and takes an hour to learn. A frame makes panels. Bands need only hands.";
export const whichWayCrochetRuns = (): string => "Which way crochet runs";
export const acrossShortRowsOneCan = (): string => "Across: short rows you can finish in one sitting. Lengthwise: fewer than half the turns, and stripes as long as the sleeper.";
export const weftReadyJoinedOrPiece = (): string => "Weft in balls, or piece by piece";
export const joinedBallsGoFastOn = (): string => "Joined balls are quick on a peg loom. On a twining frame, join each piece when you reach it, because slack must be worked out.";
export const joinedBalls = (): string => "joined balls";
export const ballsMadeBeforehand = (d: { readonly ceil: string | number }): string => '' + d.ceil + " balls made beforehand";
export const pieceByPiece = (): string => "piece by piece";
export const jointsAtTheLoom = (d: { readonly ceil: string | number }): string => '' + d.ceil + " joints at the loom";
