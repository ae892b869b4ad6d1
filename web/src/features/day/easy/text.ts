import type { Schemas } from '../../../api/client'
import type { Formats } from '../../../ui/locale'
import { wording } from './wording'

type Fitting = Schemas['FittingView']

/** Rules for one drawing, in words. */
export const CONSTRAINTS: Record<Schemas['BoredView']['constraint'], string> = {
  ONE_LINE: wording.oneLineThatIsNeverLifted(),
  OTHER_HAND: wording.withTheOtherHand(),
  EYES_ON_SUBJECT: wording.eyesOnTheSubjectNotOn(),
  THREE_VALUES: wording.threeValuesAndNothingBetweenThem(),
  SPACES_BETWEEN: wording.theSpacesBetweenThingsNotThe(),
  SHADE_ALONE: wording.onlyWhatLiesInShade(),
  SMALL: wording.noLargerThanAStamp(),
  HALF_THE_TIME: wording.inHalfTheTimeItUsually(),
  MINUTE_OF_LOOKING: wording.aMinuteOfLookingThenFrom(),
  FROM_BELOW: wording.fromAsLowDownAsYou(),
  STRAIGHT_LINES: wording.straightLinesAlone(),
  LARGEST_TOOL: wording.withTheLargestToolAtHand(),
}

/** What fits, in words. */
export const fits = (f: Fitting, format: Formats) =>
  f.minutesCounted ? f.title : wording.unitsOfTitle({ units: format.number(f.units), title: f.title })

/** A sitting for it. */
export function beginFitting(f: Fitting): string {
  const query = new URLSearchParams({ title: f.title })
  for (const [key, value] of Object.entries({
    exercise: f.exercise,
    topic: f.topic,
    source: f.source,
    medium: f.medium,
    book: f.book,
  })) {
    if (value) {
      query.set(key, value)
    }
  }
  if (f.minutesCounted) {
    query.set('each', String(f.minutes * 60))
    query.set('count', '1')
    query.set('plain', '1')
  } else {
    query.set('each', String(f.secondsEach))
    query.set('count', String(f.units))
  }
  return `/sitting?${query.toString()}`
}
