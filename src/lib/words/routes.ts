// Made of routes.json by `npm run words -- --make`: change the words there.
export * as names from './routes/names';
export * as trail from './routes/trail';
export * as waiting from './routes/waiting';
