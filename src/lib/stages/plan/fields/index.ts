export type { CutPrefix, FieldName, Fields, LengthFieldName } from './names';
export { fieldNames, lengthFields, trimSchools } from './names';
export type { FieldProblem } from './reader';
export type { Reading } from './read-fields';
export { readFields } from './read-fields';
export { convertFields, cutFields, fieldsOfPlan } from './fields-of-plan';
