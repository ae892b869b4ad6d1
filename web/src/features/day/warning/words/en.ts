// Made from en.json by "npm run words".
import { select } from '../../../../ui/language'

export const messages = {
  diskUntilThenNothingNewIs: (a: { disk: string | number }) =>
    `${a.disk} Until then nothing new is kept; what is here can be read.`,
  noCopyWasMadeSinceNewest: (a: { newest: string | number }) => `No copy was made since ${a.newest}. `,
  thereIsNoCopyYet: () => `There is no copy yet. `,
  seeToTheCopies: () => `See to the copies`,
  notTakenBackMessage: (a: { message: string | number }) => `Not taken back: ${a.message}`,
  promisesFilledTheDay: () => `promises filled the day`,
  theCourseWaitsTodayAndGoes: () => `The course waits today and goes on tomorrow.`,
  undo: () => `Undo`,
  notChangedMessage: (a: { message: string | number }) => `Not changed: ${a.message}`,
  togetherThisIsOverMinutesMoreThan: (a: { overMinutes: string | number; mayWait: boolean }) =>
    `Together this is ${a.overMinutes} more than the day has. ${select(a.mayWait, { true: `What is promised has a date; the course can give way and end a day later.`, other: `Draw what matters most; the rest is spread over the days left.` })}`,
  letTitleWaitToday: (a: { title: string | number }) => `Let ${a.title} wait today`,
  changeAPromiseInstead: () => `Change a promise instead`,
}
