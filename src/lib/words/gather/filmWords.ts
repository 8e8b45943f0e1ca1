// Made of gather.json by `npm run words -- --make`: change the words there.

export const plasticAboutMThick = (d: { readonly part: string | number }): string => "Plastic about " + d.part + " µm thick";
export const noBagIsLookAt = (d: { readonly thick: string | number }): string => '' + d.thick + ": no bag is. Check the weight, the count and the lengths.";
export const thinLikeCarrierBags = (): string => "thin, like carrier bags";
export const likeAHeavierShopBag = (): string => "like a heavier shop bag";
export const heavy = (): string => "heavy";
