import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schemas } from '../../../api/client'
import { BOUNDS } from '../../../api/generated/bounds'
import { queries } from '../../../api/queries'
import { Button } from '../../../ui/Button'
import { Field } from '../../../ui/Field'
import { useFormats } from '../../../ui/locale'
import { Refused } from '../../../ui/Refused'
import { Waiting } from '../../../ui/Waiting'
import { moment, newest, secondPlace } from './copies-text'
import { wording } from '../wording'
import { Said } from '../../../shared/said/Said'
import { useSaid } from '../../../shared/said/useSaid'

type Copies = Schemas['CopiesView']

/** The copies of everything: how old the newest is, how they are, and the second place for them. */
export function CopiesSection() {
  return (
    <section aria-labelledby="copies">
      <h2 id="copies" className="border-ink mt-8 border-t pt-4">
        {wording.copies()}
      </h2>
      <p>
        {wording.everythingLiesInOneFolderOn()} <code>{'./quill restore'}</code>{' '}
        {wording.listsThemAndPutsOneBack()}
      </p>
      <Waiting query={useQuery(queries.copies())}>{(copies) => <Known copies={copies} />}</Waiting>
    </section>
  )
}

function Known({ copies }: { copies: Copies }) {
  const format = useFormats()
  const said = useSaid(copies.trouble != null)
  const client = useQueryClient()
  const keep = (known: Copies) => client.setQueryData(['copies'], known)
  const now = useMutation({ mutationFn: () => answer(api.POST('/api/copies')), onSuccess: keep })
  return (
    <>
      <div role="status" className="mt-3">
        {copies.refusal && (
          <p className="text-sanguine">
            <Said message={copies.refusal} />
          </p>
        )}
        <p>{newest(copies, format)}</p>
        {copies.trouble && (
          <p className="text-sanguine">
            {wording.theCopyOfAtCouldNot({
              at: moment(copies.trouble.at, format),
              sentence: said(copies.trouble.reason),
            })}
          </p>
        )}
      </div>
      {copies.damaged.length > 0 && (
        <div className="text-sanguine mt-2">
          <p>{wording.copiesCannotBeReadWholeAnd({ damaged: copies.damaged.length })}</p>
          <ul>
            {copies.damaged.map((copy) => (
              <li key={copy.file}>
                {copy.file}: <Said message={copy.damage} />
              </li>
            ))}
          </ul>
        </div>
      )}
      <Button className="mt-2" disabled={now.isPending} onClick={() => now.mutate()}>
        {now.isPending ? wording.copyingAndComparing() : wording.makeACopyNow()}
      </Button>
      <Refused error={now.error} className="mt-2" />
      <SecondPlace copies={copies} onKnown={keep} />
    </>
  )
}

function SecondPlace({ copies, onKnown }: { copies: Copies; onKnown: (known: Copies) => void }) {
  const format = useFormats()
  const said = useSaid(copies.second?.trouble != null)
  const name = useMutation({
    mutationFn: (path: string) => answer(api.PUT('/api/copies/second-place', { body: { path } })),
    onSuccess: onKnown,
  })
  return (
    <form
      className="mt-4"
      onSubmit={(event) => {
        event.preventDefault()
        name.mutate(String(new FormData(event.currentTarget).get('path') ?? ''))
      }}
    >
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <div className="min-w-[min(18rem,100%)] flex-1">
          <Field
            key={copies.second?.path}
            label={wording.aSecondPlaceForCopiesAnother()}
            name="path"
            maxLength={BOUNDS.Place.path.maxLength}
            defaultValue={copies.second?.path}
            placeholder={wording.mediaWrenDrive()}
            error={name.error?.message}
          />
        </div>
        <Button type="submit" disabled={name.isPending}>
          {wording.copyThereToo()}
        </Button>
      </div>
      <p role="status" className={copies.second?.trouble ? 'text-sanguine' : 'text-faded'}>
        {secondPlace(copies.second, format, said)}
      </p>
    </form>
  )
}
