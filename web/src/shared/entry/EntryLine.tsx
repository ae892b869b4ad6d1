import { useFormats } from '../../ui/locale'
import { entryFacts, entryName, type Entry } from './fields'

/** One entry in two lines, with its time, or its day where one is given. */
export function EntryLine({ entry, onOpen, day }: { entry: Entry; onOpen: () => void; day?: string }) {
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
          <span className="sr-only">Change </span>
          {entryName(entry)}
        </span>
        <span className="text-faded">{entryFacts(entry, format)}</span>
        {(fields.wentWrong || fields.nextTime || fields.note) && (
          <span className="block font-serif italic">
            {[fields.wentWrong, fields.nextTime && `Next time: ${fields.nextTime}`, fields.note]
              .filter(Boolean)
              .join(' ')}
          </span>
        )}
      </span>
      <span className="text-faded">
        {fields.minutes == null && minutesOrEstimate > 0 && 'about '}
        {minutesOrEstimate > 0 && format.minutes(minutesOrEstimate)}
      </span>
    </button>
  )
}
