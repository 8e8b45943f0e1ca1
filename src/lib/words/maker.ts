// Made of maker.json by `npm run words -- --make`: change the words there.
export * as MakerPage from './maker/MakerPage';
export * as makerView from './maker/makerView';
