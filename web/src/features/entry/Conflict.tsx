import type { Schemas } from '../../api/client'
import { Button } from '../../ui/Button'
import { FIELDS } from './text'

type Fields = Schemas['EntryFields']

const shown = (value: Fields[keyof Fields]) => (value == null || value === '' ? '—' : String(value))
const same = (a: Fields[keyof Fields], b: Fields[keyof Fields]) =>
  shown(a).replace(/:00$/, '') === shown(b).replace(/:00$/, '')

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
  const keys = Object.keys(FIELDS) as (keyof Fields)[]
  const differing = keys.filter((key) => !same(mine[key], stored[key]))
  return (
    <>
      <p className="mb-3">
        This entry was changed elsewhere since you opened it. Nothing of yours is lost; these fields differ.
      </p>
      <div className="overflow-x-auto">
        <table className="w-full text-left">
          <thead>
            <tr className="border-ink border-b">
              <th scope="col" className="py-1 pr-4 font-medium">
                Field
              </th>
              <th scope="col" className="py-1 pr-4 font-medium">
                Yours
              </th>
              <th scope="col" className="py-1 font-medium">
                Stored
              </th>
            </tr>
          </thead>
          <tbody>
            {differing.map((key) => (
              <tr key={key} className="border-hairline border-b align-top">
                <th scope="row" className="text-faded py-1 pr-4 font-normal">
                  {FIELDS[key]}
                </th>
                <td className="py-1 pr-4">{shown(mine[key])}</td>
                <td className="py-1">{shown(stored[key])}</td>
              </tr>
            ))}
            {differing.length === 0 && (
              <tr>
                <td colSpan={3}>None: both say the same.</td>
              </tr>
            )}
          </tbody>
        </table>
      </div>
      <div className="mt-5 flex gap-6">
        <Button look="ink" onClick={onMine}>
          Keep mine
        </Button>
        <Button onClick={onStored}>Keep the stored one</Button>
      </div>
    </>
  )
}
