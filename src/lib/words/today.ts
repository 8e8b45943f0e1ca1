// Made of today.json by `npm run words -- --make`: change the words there.
export * as DayCard from './today/DayCard';
export * as FilmStrip from './today/FilmStrip';
export * as FirstVisit from './today/FirstVisit';
export * as GoalBar from './today/GoalBar';
export * as HomePage from './today/HomePage';
export * as stagesOfFilm from './today/stagesOfFilm';
export * as suggestions from './today/suggestions';
export * as wordsToPeople from './today/wordsToPeople';
