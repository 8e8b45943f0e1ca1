// Made of season.json by `npm run words -- --make`: change the words there.
export * as SeasonActs from './season/SeasonActs';
export * as SeasonChain from './season/SeasonChain';
export * as SeasonExchange from './season/SeasonExchange';
export * as SeasonKeptPage from './season/SeasonKeptPage';
export * as SeasonLevers from './season/SeasonLevers';
export * as SeasonPage from './season/SeasonPage';
export * as SeasonRests from './season/SeasonRests';
export * as SeasonSheetPdfDoor from './season/SeasonSheetPdfDoor';
export * as SeasonWordsActs from './season/SeasonWordsActs';
export * as SeasonWordsPage from './season/SeasonWordsPage';
export * as changeWords from './season/changeWords';
export * as countedOn from './season/countedOn';
export * as foretold from './season/foretold';
export * as restsWords from './season/restsWords';
export * as seasonFile from './season/seasonFile';
export * as seasonWords from './season/seasonWords';
export * as wordsToPeople from './season/wordsToPeople';
