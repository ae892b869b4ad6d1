// Made from en.json by "npm run words".
export const messages = {
  drawnFromMemory: () => `drawn from memory`,
  pinsPlaced: () => `pins placed`,
  namesWritten: () => `names written`,
  putInOrder: () => `put in order`,
}
