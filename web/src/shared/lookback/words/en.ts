// Made from en.json by "npm run words".
import { plural } from '../../../ui/language'

export const messages = {
  sayWhatShouldComeOfIt: () => `Say what should come of it`,
  sayItAnew: () => `Say it anew`,
  sayWhatBecameOfIt: () => `Say what became of it`,
  change: () => `Change`,
  minutesDrawingsOnDays: (a: { minutes: string | number; drawings: number; days: number }) =>
    `${a.minutes}, ${plural(a.drawings, { one: `${a.drawings} drawing`, other: `${a.drawings} drawings` })} on ${plural(a.days, { one: `${a.days} day`, other: `${a.days} days` })}`,
  meanMarkMeanMark: (a: { meanMark: string | number }) => `, mean mark ${a.meanMark}`,
  aPageOfIt: () => `A page of it`,
  whatShouldComeOfIt: () => `What should come of it`,
  itIsOverWhatBecameOf: () => `It is over. What became of it?`,
  keepIt: () => `Keep it`,
  notNow: () => `Not now`,
  whatAllThisIsForPictures: (a: { pictures: number }) =>
    `What all this is for, ${plural(a.pictures, { one: `${a.pictures} picture`, other: `${a.pictures} pictures` })}`,
}
