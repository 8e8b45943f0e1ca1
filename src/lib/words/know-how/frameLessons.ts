// Made of know-how.json by `npm run words -- --make`: change the words there.

export const yourFrameHasNailsAt = (d: { readonly nails: string | number; readonly formatLength: string | number }): string => "Your frame has " + d.nails + " nails at each end, " + d.formatLength + " apart. Tie the warp to the first.";
export const tieTheEndOfThe = (): string => "Tie the end of the warp to the first nail.";
export const leadItToTheOther = (): string => "Lead it to the other end, round a nail, and back: always round, never across.";
export const goOnToTheLast = (): string => "Go on to the last nail, one pull all along, and tie it there.";
export const putARodAlongEach = (): string => "Put a rod along each side, held by eyes or clips: rods that bare nails hold pop out.";
export const beginAtTheFootEach = (): string => "Begin at the foot. Each nail holds a loop of the warp.";
export const leadTheFirstStrandUnder = (): string => "Lead the first strand under every loop, close to the nails.";
export const aRowThatLiesOn = (): string => "A row that lies on top comes off with the nails: the whole weave slides away.";
export const thenTwineTheSecondStrand = (): string => "Then twine the second strand with it, end by end.";
export const theWeftIsAPair = (): string => "The weft is a pair of strands. One goes over the first end of warp, one under it.";
export const crossThemWhatWasOver = (): string => "Cross them: what was over goes under the next, what was under goes over.";
export const soOnToTheRod = (): string => "So on to the rod, and round it with both. Every end is held between the two.";
export const backAgainRowUponRow = (): string => "Back again, row upon row, pushed down close.";
export const atTheHeadTheLast = (): string => "At the head the last row goes under the nails’ loops too.";
export const thereIsNoRoomFor = (): string => "There is no room for fingers: pull the yarn through with a hook, loop by loop.";
export const goBackOverTheLast = (): string => "Go back over the last ends two or three times, as one sews back.";
export const thenLiftTheMatOff = (): string => "Then lift the mat off its nails, and pull the rods out.";
export const layTwoSideBySide = (): string => "Lay two side by side, their warp along each other.";
export const withAHookDrawA = (): string => "With a hook, pull a strand through one edge and the other, in turn, along the warp.";
export const drawItLevelNotTight = (): string => "Pull it level, not tight, and lead its end back under.";
export const toBeginOnAFrame = (): string => "To begin on a frame with nails.";
export const onAFrameBeforeAny = (): string => "On a frame: before any other row.";
export const everyRowOfAFrame = (): string => "Every row of a frame.";
export const onAFrameUnderThe = (): string => "On a frame: under the loops at its head.";
export const filmWarp = (): string => "Plastic warp";
export const theSameBagsTearsSooner = (): string => "the same bags; tears sooner along a seam.";
export const clothWarp = (): string => "Cloth warp";
