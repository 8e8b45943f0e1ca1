// Made of common.json by `npm run words -- --make`: change the words there.

export const skipToThePage = (): string => "Skip to the page";
const for_ = (): string => "For";
export { for_ as for };
