// Made from en.json by "npm run words".
import { plural } from '../../../ui/language'

export const messages = {
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
  numberOfDrawings: (a: { count: number; number: string | number }) =>
    `${plural(a.count, { one: `${a.number} drawing`, other: `${a.number} drawings` })}`,
  numberOfPages: (a: { count: number; number: string | number }) =>
    `${plural(a.count, { one: `${a.number} page`, other: `${a.number} pages` })}`,
  numberOfMinutes: (a: { count: number; number: string | number }) =>
    `${plural(a.count, { one: `${a.number} minute`, other: `${a.number} minutes` })}`,
  numberOfPrompts: (a: { count: number; number: string | number }) =>
    `${plural(a.count, { one: `${a.number} prompt`, other: `${a.number} prompts` })}`,
  drawings: () => `drawings`,
  pages: () => `pages`,
  minutes: () => `minutes`,
  prompts: () => `prompts`,
}
