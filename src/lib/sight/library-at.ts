/**
 * Where a browser fetches the library that sees pictures: a file of its own beside the application,
 * laid there by the build's last step, so that nobody waits for it who measures nothing.
 */
export const libraryAt = '/eye/opencv-4.12.0-release.1.js';
