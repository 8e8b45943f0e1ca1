// Made of measures.json by `npm run words -- --make`: change the words there.
export * as KnowledgeChart from './measures/KnowledgeChart';
export * as MeasureForm from './measures/MeasureForm';
export * as MeasureList from './measures/MeasureList';
export * as MeasuresActs from './measures/MeasuresActs';
export * as MeasuresPage from './measures/MeasuresPage';
export * as PlansNow from './measures/PlansNow';
export * as TimedWorkForm from './measures/TimedWorkForm';
export * as WhatChanged from './measures/WhatChanged';
export * as measureWords from './measures/measureWords';
export * as measurements from './measures/measurements';
export * as planBasis from './measures/planBasis';
export * as timedWork from './measures/timedWork';
