// Made of plan.json by `npm run words -- --make`: change the words there.

export const allOfOneColour = (): string => "All of one colour.";
export const addTheBallsColoursIn = (): string => "Add the balls' colours in their order.";
export const theseRepeatOverBalls = (d: { readonly length: string | number; readonly ceil: string | number }): string => "; these " + d.length + " repeat over " + d.ceil + " balls";
export const dragABallOrPick = (d: { readonly part: string | number }): string => "Drag a ball, or pick one, to change the order" + d.part + ".";
export const ball = (d: { readonly index: string | number; readonly colour: string | number }): string => "Ball " + d.index + ", " + d.colour;
export const addABall = (): string => "Add a ball";
export const mirror = (): string => "Mirror";
export const neverBesideItself = (): string => "Never next to itself";
export const ball2 = (d: { readonly index: string | number }): string => "Ball " + d.index;
export const colourOfBall = (d: { readonly index: string | number }): string => "Colour of ball " + d.index;
export const moveItLeft = (): string => "Move it left";
export const moveItRight = (): string => "Move it right";
export const remove = (): string => "Remove";
export const moreThanOneColourIs = (): string => "The middle cannot be mirrored: more than one colour has an odd number.";
export const oneColourIsMoreThan = (): string => "One colour is more than half: it must be next to itself.";
export const stripesFallWhereEachBall = (): string => "A stripe ends where its ball runs out.";
export const mixedUp = (): string => "Mixed up";
