// Made from en.json by "npm run words".
export const messages = {
  drawing: () => `drawing`,
  page: () => `page`,
  minute: () => `minute`,
  prompt: () => `prompt`,
  penOnly: () => `pen only`,
  penOnly2: () => `Pen only?`,
  noEraser: () => `no eraser`,
  withoutTheEraser: () => `Without the eraser?`,
  fromLifeOnly: () => `from life only`,
  fromLife: () => `From life?`,
  oneSubject: () => `one subject`,
  ofTheOneSubject: () => `Of the one subject?`,
  finishEveryPage: () => `finish every page`,
  finishedThePage: () => `Finished the page?`,
}
