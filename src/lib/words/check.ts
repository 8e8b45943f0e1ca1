// Made of check.json by `npm run words -- --make`: change the words there.
export * as CameBack from './check/CameBack';
export * as CheckCodeActs from './check/CheckCodeActs';
export * as CheckCodePage from './check/CheckCodePage';
export * as CheckForm from './check/CheckForm';
export * as CheckList from './check/CheckList';
export * as CheckMap from './check/CheckMap';
export * as CheckPage from './check/CheckPage';
export * as CheckSheetPdfDoor from './check/CheckSheetPdfDoor';
export * as FaultTallyLine from './check/FaultTallyLine';
export * as MendingList from './check/MendingList';
export * as OddMat from './check/OddMat';
export * as Remedy from './check/Remedy';
export * as UnwoundForm from './check/UnwoundForm';
export * as checkWords from './check/checkWords';
export * as checks from './check/checks';
export * as menders from './check/menders';
export * as takenApart from './check/takenApart';
