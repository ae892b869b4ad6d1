// Made from en.json by "npm run words".
import { select } from '../../../ui/language'

export const messages = {
  makeThePartLittle: (a: { part: string | number; little: boolean }) =>
    `Make the ${a.part} ${select(a.little, { true: `longer`, other: `shorter` })}`,
  tiltThePartLittle: (a: { part: string | number; little: boolean }) =>
    `Tilt the ${a.part} ${select(a.little, { true: `more`, other: `less` })}`,
  letTheWholeLeanLittle: (a: { little: boolean }) =>
    `Let the whole lean ${select(a.little, { true: `more`, other: `less` })}`,
  pushTheTilts: () => `Push the tilts`,
  calmTheTilts: () => `Calm the tilts`,
  letThePartNarrowLittle: (a: { part: string | number; little: boolean }) =>
    `Let the ${a.part} narrow ${select(a.little, { true: `less`, other: `more` })}`,
  makeThePartLittle2: (a: { part: string | number; little: boolean }) =>
    `Make the ${a.part} ${select(a.little, { true: `larger`, other: `smaller` })}`,
  little: (a: { little: boolean; part: string | number }) =>
    `${select(a.little, { true: `Push`, other: `Calm` })} the foreshortening: ${a.part}`,
  toldOfThemInWords: (a: { told: string | number }) => `, ${a.told} of them in words`,
  tiltedTooLittle: () => `tilted too little`,
  tiltedTooMuch: () => `tilted too much`,
  theWholeLeansMean: (a: { mean: boolean }) =>
    `The whole leans ${select(a.mean, { true: `too little`, other: `too much` })}`,
  tiltsTamed: () => `tilts tamed`,
  tiltsPushed: () => `tilts pushed`,
  toMeanHCount: (a: { mean: string | number; range: string | number; count: string | number }) =>
    `to ${a.mean}${a.range}, ${a.count}`,
  tooSmall: () => `too small`,
  tooLarge: () => `too large`,
  narrowsTooMuch: () => `narrows too much`,
  narrowsTooLittle: () => `narrows too little`,
  partForeshorteningMean: (a: { part: string | number; mean: boolean }) =>
    `${a.part}: foreshortening ${select(a.mean, { true: `tamed`, other: `pushed` })}`,
  lowToHigh: (a: { low: string | number; high: string | number }) => ` (${a.low} to ${a.high})`,
  holds: () => `holds`,
  mayBeChance: () => `may be chance`,
  tooFewYet: () => `too few yet`,
  gone: () => `gone`,
  lessThanBefore: () => `less than before`,
  theSameOrTooEarlyTo: () => `the same, or too early to say`,
  upToTwoMinutes: () => `up to two minutes`,
  twoToTenMinutes: () => `two to ten minutes`,
  moreThanTenMinutes: () => `more than ten minutes`,
  farLeft: () => `far left`,
  farRight: () => `far right`,
  theWhole: () => `the whole`,
  partTiltedTooLittle: (a: { part: string | number; little: boolean }) =>
    `${a.part} tilted too ${select(a.little, { true: `little`, other: `much` })}`,
  theWholeLeaningTooLittle: (a: { little: boolean }) =>
    `the whole leaning too ${select(a.little, { true: `little`, other: `much` })}`,
  partNarrowingTooLittle: (a: { part: string | number; little: boolean }) =>
    `${a.part} narrowing too ${select(a.little, { true: `much`, other: `little` })}`,
  partForeshorteningLittle: (a: { part: string | number; little: boolean }) =>
    `${a.part}: foreshortening ${select(a.little, { true: `tamed`, other: `pushed` })}`,
  partTooSmall: (a: { part: string | number }) => `${a.part} too small`,
  partTooLarge: (a: { part: string | number }) => `${a.part} too large`,
  partShort: (a: { part: string | number }) => `${a.part} short`,
  partLong: (a: { part: string | number }) => `${a.part} long`,
  sameOfSigned: (a: { same: string | number; signed: string | number; inWords: string | number }) =>
    `${a.same} of ${a.signed}${a.inWords}`,
  partTooMuch: (a: { part: string | number; how: string | number }) => `${a.part} too ${a.how}`,
}
