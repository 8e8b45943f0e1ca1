// Made of people.json by `npm run words -- --make`: change the words there.
export * as PeopleActs from './people/PeopleActs';
export * as PeoplePage from './people/PeoplePage';
export * as PersonForm from './people/PersonForm';
export * as PlacesActs from './people/PlacesActs';
export * as PlacesPage from './people/PlacesPage';
export * as Practised from './people/Practised';
export * as SeatGrid from './people/SeatGrid';
export * as day from './people/day';
export * as people from './people/people';
export * as presence from './people/presence';
export * as readDay from './people/readDay';
export * as readPerson from './people/readPerson';
export * as seats from './people/seats';
export * as seatsWords from './people/seatsWords';
export * as tableDays from './people/tableDays';
