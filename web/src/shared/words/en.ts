// Made from en.json by "npm run words".
import { plural } from '../../ui/language'

export const messages = {
  warmUpTopic: (a: { topic: string | number }) => `Warm up: ${a.topic}`,
  topicIsAWarmUpOf: (a: { topic: string | number }) => `${a.topic} is a warm-up of today.`,
  undo: () => `Undo`,
  pastedPicture: () => `pasted picture`,
  endedTitleItsRecordStays: (a: { title: string | number }) => `Ended: ${a.title}. Its record stays.`,
  goOnWithIt: () => `Go on with it`,
  theQuotaIsRemovedEveryEntry: () => `The quota is removed; every entry stays.`,
  kept: () => `Kept.`,
  removedWords: (a: { words: string | number }) => `Removed: ${a.words}`,
  anyDayBeginsARunNone: () => `Any day begins a run; none can end just now.`,
  nothingInThisWeekCanEnd: () => `Nothing in this week can end the run any more.`,
  everyDay: () => `Every day`,
  oneMissEndsTheRunNothing: () =>
    `One miss ends the run. Nothing to decide on a tired evening: it is simply done.`,
  suitsShortPagesAndSetHours: () => `Suits short pages and set hours; a lost long run can hurt.`,
  oneMissEndsTheRun: () => `one miss ends the run`,
  byYourRuleEveryDayThat: () => `By your rule every day that is not rest counts.`,
  daysOfThisWeekCanStill: (a: { missesLeft: number }) =>
    `${plural(a.missesLeft, { one: `${a.missesLeft} day`, other: `${a.missesLeft} days` })} of this week can still be missed.`,
  neverTwice: () => `Never twice`,
  aSingleMissDoesNotEnd: () => `A single miss does not end the run, two in a row do.`,
  lifeGetsADayTheWay: () =>
    `Life gets a day; the way back is always tomorrow. Lengths count practised days only.`,
  oneMissIsForgiven: () => `one miss is forgiven`,
  noDayOfThisWeekCan: () => `No day of this week can be missed without ending the run.`,
  daysOfThisWeekCanStill2: (a: { missesLeft: number }) =>
    `${plural(a.missesLeft, { one: `${a.missesLeft} day`, other: `${a.missesLeft} days` })} of this week can still be missed, as long as no two follow each other.`,
  weeklyRhythm: () => `Weekly rhythm`,
  soManyDaysAWeekWhichever: () => `So many days a week, whichever they are; the run counts weeks.`,
  suitsShiftsAndFamiliesAWeek: () =>
    `Suits shifts and families; a week can still be saved until the days run out.`,
  soManyDaysAWeek: () => `so many days a week`,
  thisWeekIsTooShortFor: () => `This week is too short for your rhythm; it counts neither way.`,
  thisWeekCannotReachYourRhythm: () => `This week cannot reach your rhythm any more; the next one can.`,
  moreDaysAndThisWeekHas: (a: { stillNeeded: number; missesLeft: number }) =>
    `${plural(a.stillNeeded, { one: `${a.stillNeeded} more day`, other: `${a.stillNeeded} more days` })} and this week has its rhythm; ${plural(a.missesLeft, { one: `${a.missesLeft} day`, other: `${a.missesLeft} days` })} can still be missed.`,
  thisWeekHasItsRhythm: () => `This week has its rhythm.`,
  letGo: () => `Let go.`,
  done: () => `Done.`,
  keptWithTitle: (a: { title: string | number }) => `Kept with ${a.title}.`,
  piece: () => `Piece`,
  keepWith: () => `Keep with`,
  thisPiece: () => `this piece`,
  monday: () => `Monday`,
  tuesday: () => `Tuesday`,
  wednesday: () => `Wednesday`,
  thursday: () => `Thursday`,
  friday: () => `Friday`,
  saturday: () => `Saturday`,
  sunday: () => `Sunday`,
  thereIsNoRoomLeftIn: () => `there is no room left in what the piece is about`,
}
