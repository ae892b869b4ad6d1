import { Button } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { FIELDS, NAMES_OF_FIELDS, shown, type Fields } from './fields'
import { wording } from './wording'

/** Both versions side by side, after somebody or another window changed the entry meanwhile. */
export function Conflict({
  mine,
  stored,
  onMine,
  onStored,
}: {
  mine: Fields
  stored: Fields
  onMine: () => void
  onStored: () => void
}) {
  const format = useFormats()
  const differing = NAMES_OF_FIELDS.map((field) => ({
    field,
    yours: shown(mine, field, format),
    theirs: shown(stored, field, format),
  })).filter(({ yours, theirs }) => yours !== theirs)
  return (
    <>
      <p className="mb-3">{wording.thisEntryWasChangedElsewhereSince()}</p>
      <div className="overflow-x-auto">
        <table className="w-full text-left">
          <thead>
            <tr className="border-ink border-b">
              <th scope="col" className="py-1 pr-4 font-medium">
                {wording.field()}
              </th>
              <th scope="col" className="py-1 pr-4 font-medium">
                {wording.yours()}
              </th>
              <th scope="col" className="py-1 font-medium">
                {wording.stored()}
              </th>
            </tr>
          </thead>
          <tbody>
            {differing.map(({ field, yours, theirs }) => (
              <tr key={field} className="border-hairline border-b align-top">
                <th scope="row" className="text-faded py-1 pr-4 font-normal">
                  {FIELDS[field].label}
                </th>
                <td className="py-1 pr-4">{yours}</td>
                <td className="py-1">{theirs}</td>
              </tr>
            ))}
            {differing.length === 0 && (
              <tr>
                <td colSpan={3}>{wording.noneBothSayTheSame()}</td>
              </tr>
            )}
          </tbody>
        </table>
      </div>
      <div className="mt-5 flex gap-6">
        <Button look="ink" onClick={onMine}>
          {wording.keepMine()}
        </Button>
        <Button onClick={onStored}>{wording.keepTheStoredOne()}</Button>
      </div>
    </>
  )
}
