import type { Schemas } from '../../../api/client'
import type { Formats } from '../../../ui/locale'

type Fitting = Schemas['FittingView']

/** Rules for one drawing, in words. */
export const CONSTRAINTS: Record<Schemas['BoredView']['constraint'], string> = {
  ONE_LINE: 'One line that is never lifted',
  OTHER_HAND: 'With the other hand',
  EYES_ON_SUBJECT: 'Eyes on the subject, not on the paper',
  THREE_VALUES: 'Three values and nothing between them',
  SPACES_BETWEEN: 'The spaces between things, not the things',
  SHADE_ALONE: 'Only what lies in shade',
  SMALL: 'No larger than a stamp',
  HALF_THE_TIME: 'In half the time it usually takes',
  MINUTE_OF_LOOKING: 'A minute of looking, then from memory',
  FROM_BELOW: 'From as low down as you can sit',
  STRAIGHT_LINES: 'Straight lines alone',
  LARGEST_TOOL: 'With the largest tool at hand',
}

/** What fits, in words. */
export const fits = (f: Fitting, format: Formats) =>
  f.minutesCounted ? f.title : `${format.number(f.units)} of ${f.title}`

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
