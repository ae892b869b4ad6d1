import { Button } from './Button'
import { Refused } from './Refused'
import { Cancel } from './Sheet'
import { wording } from './wording'

/** The foot of a sheet that keeps something: what was refused, then the choices. */
export function SheetEnd({
  error,
  fields,
  keep = wording.keepIt(),
  disabled = false,
  onRemove,
}: {
  error: Error | null | undefined
  /** Fields of the sheet that show what is wrong with them. */
  fields?: readonly string[]
  /** Word on the button that submits. */
  keep?: string
  disabled?: boolean
  /** Takes away what the sheet shows; left out while there is nothing to take away. */
  onRemove?: (() => void) | undefined
}) {
  return (
    <>
      <Refused error={error} fields={fields} className="col-span-full" />
      <div className="col-span-full mt-2 flex gap-6">
        <Button type="submit" look="ink" disabled={disabled}>
          {keep}
        </Button>
        <Cancel />
        {onRemove && (
          <Button className="text-sanguine ml-auto" onClick={onRemove}>
            {wording.remove()}
          </Button>
        )}
      </div>
    </>
  )
}
