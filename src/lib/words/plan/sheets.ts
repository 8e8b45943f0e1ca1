// Made of plan.json by `npm run words -- --make`: change the words there.

export const crochetSheet = (): string => "Crochet sheet";
export const loomSheet = (): string => "Loom sheet";
export const frameSheet = (): string => "Frame sheet";
export const nailsWarpRowsAndPanels = (): string => "Nails, warp, rows and panels, with rows to tick.";
export const bandSheet = (): string => "Band sheet";
export const bandsToTickWhatEach = (): string => "Bands to tick, what each needs, and the turn step by step.";
export const planSheet = (): string => "Plan sheet";
export const theWholePlanForThe = (): string => "The whole plan for the wall: large figures, the mat and how to make it.";
export const cuttingSheet = (): string => "Cutting sheet";
export const aGuideStripAtTrue = (): string => "A guide strip at real size to put next to the bag, with a 100 mm line to check.";
export const everyRowWithABox = (): string => "Every row with a box to tick, and where each ball ends.";
export const pegsStrandsWhereEachKnot = (): string => "Pegs, strands, where each knot falls, over and under, where the ends meet.";
