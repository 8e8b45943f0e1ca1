// Made of prepare.json by `npm run words -- --make`: change the words there.

export const measureAgain = (d: { readonly name: string | number }): string => "Measure " + d.name + " again";
export const addATool = (): string => "Add a tool";
export const save = (): string => "Save";
export const add = (): string => "Add";
export const kind = (): string => "Kind";
export const name = (): string => "Name";
export const howMany = (): string => "How many";
export const pegsAtEachEnd = (): string => "Pegs at each end";
export const pegToPegAlong = (): string => "Peg to peg, along";
export const nailsAtEachEnd = (): string => "Nails at each end";
export const lengthBetweenThem = (): string => "Length between them";
export const spacing = (): string => "Spacing";
export const middleToMiddle = (): string => "middle to middle";
export const sideRods = (): string => "Side rods";
export const inEyesOrClips = (): string => "in eyes or clips";
export const onBareNails = (): string => "on bare nails";
export const thicknessMm = (): string => "Thickness, mm or letter";
export const yourToolDrawnToScale = (): string => "Your tool, drawn to scale";
export const rollingBladesAreForTrained = (): string => "Rolling blades are for trained adults. Cut away from the body, wear gloves, close the blade when you put it down. Children and unsteady hands use blunt scissors or another seat.";
export const rodsSitUnderTensionMind = (): string => "Rods are under tension. Mind eyes and fingers when they come out, and work in pairs. Rods can pop off bare nails.";
export const aTool = (): string => "a tool";
export const yes = (): string => "yes";
