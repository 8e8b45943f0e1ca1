// Made of check.json by `npm run words -- --make`: change the words there.

export const checkTheMat = (): string => "Check the mat";
export const saveCheck = (): string => "Save check";
export const goOverItWithA = (): string => "Go over it with a finger, spot by spot. Tap where the finger goes through. For anything else, choose what it is first.";
export const aTapMarks = (): string => "A tap marks";
export const aFingertipGoesThrough = (): string => "a fingertip goes through";
export const length = (): string => "Length";
export const width = (): string => "Width";
export const dryWeight = (): string => "Dry weight";
export const aboutMinutes = (d: { readonly minutes: string | number }): string => ", about " + d.minutes + " minutes";
export const ofItsPlans = (d: { readonly density: string | number; readonly round: string | number }): string => '' + d.density + ", " + d.round + " % of its plan";
export const iDisagree = (): string => "I disagree";
export const yourDecision = (): string => "Your decision";
export const asTheFiguresSay = (): string => "as the figures say";
export const why = (): string => "Why";
export const itCanBe = (d: { readonly uses: string | number }): string => "It can be " + d.uses + ".";
export const takenBy = (d: { readonly places: string | number }): string => "Taken by: " + d.places + ".";
export const fromAPhoto = (): string => "Measure it from a photo";
export const lightThrough = (): string => "Light through it, from a photo";
export const tookMeasures = (): string => "Measures from your photo are filled in. Check them, then save.";
export const gapsByPhoto = (d: { readonly percent: string | number }): string => "By photo, " + d.percent + " of 100 is open. Press with a fingertip, too.";
