// Made from en.json by "npm run words".
import { plural } from '../../../ui/language'

export const messages = {
  takenBack: () => `Taken back.`,
  notTakenBackMessage: (a: { message: string | number }) => `Not taken back: ${a.message}`,
  paused: () => `Paused.`,
  undo: () => `Undo`,
  illOrAway: () => `Ill or away`,
  pausedDaysNeitherAddToA: () =>
    `Paused days neither add to a run nor break it, and nothing is planned on them. They can be entered afterwards too.`,
  from: () => `From`,
  to: () => `To`,
  theLastDayIsBeforeThe: () => `The last day is before the first.`,
  whyIfYouLike: () => `Why, if you like`,
  coursesWaitAsLong: () => `courses wait as long`,
  whatItDoes: () => `What it does`,
  coursesKeepTheirEndWhatWas: () =>
    `Courses keep their end. What was due is spread over the days that are left.`,
  pause: () => `Pause`,
  youFollowNoCourseThatCould: () => `You follow no course that could wait.`,
  courseEndsOn: (a: { course: string | number }) => `${a.course} ends on`,
  asBefore: () => `, as before.`,
  daysLater: (a: { days: number }) =>
    `, ${plural(a.days, { one: `${a.days} day`, other: `${a.days} days` })} later.`,
}
