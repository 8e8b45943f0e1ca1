// Made of gather.json by `npm run words -- --make`: change the words there.

export const inStore = (): string => "In store";
export const theStoreIsEmptySort = (): string => "The store is empty. Sort what came in: it is listed here by kind and colour.";
export const total = (d: { readonly totals: string | number }): string => "Total: " + d.totals + ".";
export const theScrapStuffsPillows = (d: { readonly pillows: string | number }): string => "The scrap is enough for " + d.pillows + " pillows.";
export const whatEachPlanCanDraw = (): string => "What each plan can use of it";
export const show = (): string => "Show";
export const noneOfThatIsIn = (): string => "None of that is in store.";
export const amount = (): string => "Amount";
export const lastMoved = (): string => "Last moved";
export const history = (): string => "History";
export const of = (d: { readonly kind: string | number; readonly colour: string | number; readonly formWords: string | number }): string => "of " + d.kind + " " + d.colour + " " + d.formWords;
export const showAsATable = (): string => "Show as a table";
export const everyKind = (): string => "every kind";
export const everyColour = (): string => "every colour";
export const byKindAndColour = (): string => "by kind and colour";
export const mostFirst = (): string => "most first";
export const lastMovedFirst = (): string => "last moved first";
export const kind = (): string => "Kind";
export const colour = (): string => "Colour";
export const order = (): string => "Order";
export const form = (): string => "Form";
export const everything = (): string => "everything";
