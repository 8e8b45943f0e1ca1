// Made of plan.json by `npm run words -- --make`: change the words there.

export const bag = (): string => "Bag";
export const whichBag = (): string => "Which bag";
export const kindsYouMeasured = (): string => "Kinds you measured";
export const itsFilmIs = (d: { readonly measures: string | number; readonly filmThicknessMm: string | number }): string => '' + d.measures + "; its plastic is " + d.filmThicknessMm;
export const thick = (): string => "thick";
export const aRulerAndAKitchen = (): string => "You need a ruler and a kitchen scale. Lay the bag flat with its gussets folded in. Weigh ten bags together.";
export const flatWidth = (): string => "Flat width";
export const gussetEachSide = (): string => "Gusset, each side";
export const n0IfNone = (): string => "0 if none";
export const seamToHandles = (): string => "Seam to handles";
export const handleHeight = (): string => "Handle height";
export const aHandfulWeighs = (): string => "Weight of a handful";
export const bagsInTheHandful = (): string => "Bags in the handful";
export const withinAFewPerCent = (d: { readonly kind: string | number }): string => "This is almost the same as your " + d.kind + ".";
export const planWithThatKind = (): string => "Plan with that kind";
export const keepThisBagAsA = (): string => "Save this bag as a kind";
export const soThatTheStoreAnd = (): string => ", so that the store and other plans know it.";
export const glovesOrWashedHandsFor = (): string => "Wear gloves or wash your hands. Nothing mouldy, nothing from medical or chemical use. Bags can suffocate: keep them away from babies and small children.";
export const thinCarrier = (): string => "Thin carrier";
export const heavierShopBag = (): string => "Heavier shop bag";
export const milkPouch = (): string => "Milk pouch";
export const ourOwn = (): string => "Our own";
export const gussets = (d: { readonly readable: string | number }): string => "gussets " + d.readable;
export const noGussets = (): string => "no gussets";
export const handles = (d: { readonly readable: string | number }): string => "handles " + d.readable;
export const noHandles = (): string => "no handles";
export const tenWeigh = (d: { readonly mass: string | number }): string => "ten weigh " + d.mass;
