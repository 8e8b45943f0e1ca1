import { createRequire } from 'node:module';

/** The library that sees pictures as Node reads it, without going through its ten megabytes for what is not in them. */
export const libraryAsItIs = async () => ({
	default: createRequire(import.meta.url)('@techstark/opencv-js') as object
});
