// Made from en.json by "npm run words".
export const messages = {
  book: () => `book`,
  course: () => `course`,
  videoSeries: () => `video series`,
  modelToTurnOnTheScreen: () => `model to turn on the screen`,
  castOrObject: () => `cast or object`,
  setOfPhotos: () => `set of photos`,
  lifeDrawingGroup: () => `life-drawing group`,
  museum: () => `museum`,
  anatomyText: () => `anatomy text`,
  ownNotes: () => `own notes`,
  somethingElse: () => `something else`,
}
