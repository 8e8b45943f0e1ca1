// Made of season.json by `npm run words -- --make`: change the words there.
export * as SeasonChart from './season/SeasonChart';
export * as SeasonExchange from './season/SeasonExchange';
export * as SeasonKeptPage from './season/SeasonKeptPage';
export * as SeasonLevers from './season/SeasonLevers';
export * as SeasonOutlook from './season/SeasonOutlook';
export * as SeasonPage from './season/SeasonPage';
export * as SeasonRests from './season/SeasonRests';
export * as SeasonSheetPdfDoor from './season/SeasonSheetPdfDoor';
export * as SeasonWordsActs from './season/SeasonWordsActs';
export * as SeasonWordsPage from './season/SeasonWordsPage';
export * as foretold from './season/foretold';
export * as restsWords from './season/restsWords';
export * as seasonFile from './season/seasonFile';
export * as seasonWords from './season/seasonWords';
export * as wordsToPeople from './season/wordsToPeople';
