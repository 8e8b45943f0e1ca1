// Made of photo.json by `npm run words -- --make`: change the words there.
export * as CameraShot from './photo/CameraShot';
export * as HandedPage from './photo/HandedPage';
export * as PhotoActs from './photo/PhotoActs';
export * as PhotoMeasures from './photo/PhotoMeasures';
export * as PhotoPage from './photo/PhotoPage';
export * as PhotoPicture from './photo/PhotoPicture';
export * as photoWords from './photo/photoWords';
