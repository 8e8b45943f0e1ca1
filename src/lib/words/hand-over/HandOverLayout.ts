// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const handOver = (): string => "Hand over";
