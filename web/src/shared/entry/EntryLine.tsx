import { useFormats } from '../../ui/locale'
import { pictureAt } from '../pictures'
import { entryFacts, entryName, type Entry } from './fields'
import { wording } from './wording'

/** One entry in two lines, with its time, or its day where one is given. */
export function EntryLine({
  entry,
  onOpen,
  day,
  picture,
}: {
  entry: Entry
  onOpen: () => void
  day?: string
  /** The picture of its page. */
  picture?: string | undefined
}) {
  const format = useFormats()
  const { fields, minutesOrEstimate } = entry
  return (
    <button
      type="button"
      onClick={onOpen}
      className="hover:bg-deeper grid w-full grid-cols-[3.5rem_1fr_auto] gap-x-2 py-2.5 text-left"
    >
      <span className="text-faded">{day ?? fields.time?.slice(0, 5)}</span>
      <span>
        <span className="font-medium">
          <span className="sr-only">{wording.change()} </span>
          {entryName(entry)}
        </span>
        <span className="text-faded">{entryFacts(entry, format)}</span>
        {(fields.wentWrong || fields.nextTime || fields.note) && (
          <span className="block font-serif italic">
            {[
              fields.wentWrong,
              fields.nextTime && wording.nextTimeNextTime({ nextTime: fields.nextTime }),
              fields.note,
            ]
              .filter(Boolean)
              .join(' ')}
          </span>
        )}
      </span>
      <span className="text-faded flex items-start gap-3">
        {picture && (
          <img
            src={pictureAt(picture, 'SMALL')}
            alt=""
            loading="lazy"
            className="plate border-hairline h-11 border object-contain"
          />
        )}
        {fields.minutes == null && minutesOrEstimate > 0 && wording.about()}
        {minutesOrEstimate > 0 && format.minutes(minutesOrEstimate)}
      </span>
    </button>
  )
}
