// Made from en.json by "npm run words".
import { plural } from '../../../../ui/language'

export const messages = {
  noReasonGiven: () => `no reason given`,
  pausedPause: (a: { pause: string | number }) => `Paused: ${a.pause}.`,
  pausedYouDrewAllTheSame: (a: { paused: string | number }) => `${a.paused} You drew all the same.`,
  aPlannedRestDayAndYou: () => `A planned rest day, and you drew all the same.`,
  aDayWithPractice: () => `A day with practice.`,
  plannedRest: () => `Planned rest.`,
  missedTheRunWentOn: () => `Missed. The run went on.`,
  nothingWasDrawn: () => `Nothing was drawn.`,
  thisIsTodayItIsStill: () => `This is today; it is still open.`,
  stillAhead: () => `Still ahead.`,
  weekNumber: (a: { number: string | number }) => `, week ${a.number}`,
  otherDays: () => `Other days`,
  theDayBefore: () => `The day before`,
  theDayAfter: () => `The day after`,
  today: () => `Today`,
  anotherDay: () => `Another day`,
  open: () => `Open`,
  drawn: () => `Drawn`,
  drawings: (a: { drawnDrawings: number }) =>
    `, ${plural(a.drawnDrawings, { one: `${a.drawnDrawings} drawing`, other: `${a.drawnDrawings} drawings` })}`,
  thisDayLiesAheadWhatIs: () => `This day lies ahead. What is planned for it stands in its week.`,
  n3Boats12MinPenP: () => `3 boats, 12 min, pen, p 12`,
  entriesOfThisDay: () => `Entries of this day`,
  noneWhatIsMissingCanBe: () => `None. What is missing can be written down above; it counts for this day.`,
}
