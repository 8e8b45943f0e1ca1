// Made of plan.json by `npm run words -- --make`: change the words there.

export const thinCarriers = (): string => "thin carriers";
export const heavierShopBags = (): string => "heavier shop bags";
export const milkPouches = (): string => "milk pouches";
export const theBagOnTheBench = (): string => "the bag of this plan";
