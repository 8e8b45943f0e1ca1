// Made of know-how.json by `npm run words -- --make`: change the words there.

export const windTheStrandsBeginningIn = (): string => "Wind the start of the yarn in eights around two fingers.";
export const slipItOffAndFold = (): string => "Slip it off and fold it over: that is the heart of the ball.";
export const windRoundItLooseAnd = (): string => "Wind round it, loose, and turn it a little now and then.";
export const looseForFilmStretchesA = (): string => "Keep it loose: plastic stretches. A ball wound hard comes off shorter than measured.";
export const tuckItsEndOrBand = (): string => "Tuck its end, or band it, and tie the label on: colour, bags in it, width.";
export const clampTheWinderToThe = (): string => "Clamp the winder to the table’s edge, and catch the start of the yarn in its slot.";
export const turnTheCrankWithOne = (): string => "Turn the crank with one hand; let the yarn run loose through the other.";
export const hairAndSleevesBackAnd = (): string => "Hair and sleeves back, and small fingers away from what turns.";
export const liftTheBallOffIts = (): string => "Lift the ball off, its beginning sticking out of the middle, and label it.";
export const leaveTheStrandsBeginningOut = (): string => "Leave the start of the yarn out, a forearm long, held under the thumb.";
export const windRoundThumbAndFinger = (): string => "Wind round thumb and finger, turning the ball as it grows; the tail stays free.";
export const orKeepAnyBallIn = (): string => "Or keep any ball in a bag with a hole, and pull from the hole.";
export const fixARingsEndTo = (): string => "Fix the end of a loop to the spindle and hold the other end straight.";
export const letTheSpindleTurnThe = (): string => "Let the spindle turn: the two plies of the loop twist around each other.";
export const twistedAStrandIsThinner = (): string => "Twisted yarn is thinner and firmer, and about 6 % shorter.";
export const twistASecondStrandThe = (): string => "Twist a second strand the same way. Lay the two side by side.";
export const letThemTurnBackAbout = (): string => "Let them turn back about each other: plied, they stay as they are.";
export const whenAStrandIsAs = (): string => "When the yarn is as long as a ball should be.";
export const forWhoeverCrochetsAtHome = (): string => "For crochet at home: it does not roll away.";
export const forFirmYarnThatHides = (): string => "For firm yarn that hides its joints.";
export const stopWhereAJointComes = (): string => "Stop where a joint comes: guide it through with two fingers.";
export const slipItOffTheBall = (): string => "Slip it off. The ball is used from its middle, and does not roll away.";
export const whereThereIsOneAnd = (): string => "Where you have one, and many balls to wind.";
