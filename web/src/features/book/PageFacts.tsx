import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { Check } from '../../ui/Check'
import { Options } from '../../ui/Choices'
import { Field, SelectField } from '../../ui/Field'
import { useNotice } from '../../ui/Notices'
import { Refused } from '../../ui/Refused'
import { STATES, WORDS } from './text'
import { wording } from './wording'

type Page = Schemas['PageView']
type Told = Schemas['PageFields']

/** What the learner tells of a page: folded, kept free, torn out, glued in, private. */
export function PageFacts({ page }: { page: Page }) {
  const client = useQueryClient()
  const say = useNotice()
  const [told, setTold] = useState(page.told)
  const tell = useMutation({
    mutationFn: (fields: Told) =>
      answer(
        api.PUT('/api/books/{book}/pages/{number}', {
          params: { path: { book: page.bookId, number: page.number } },
          body: fields,
        }),
      ),
    onSuccess: (kept) => {
      setTold(kept.told)
      return refreshAll(client)
    },
  })
  const keep = (fields: Told) => {
    setTold(fields)
    tell.mutate(fields, {
      onSuccess: () =>
        say(wording.pageNumberIsKeptAsYou({ number: page.number }), {
          label: wording.undo(),
          run: () => tell.mutate(page.told),
        }),
      onError: () => setTold(page.told),
    })
  }
  const changed = JSON.stringify(told) !== JSON.stringify(page.told)
  return (
    <form
      className="border-hairline mt-6 grid gap-2 border-t pt-3"
      onSubmit={(event) => {
        event.preventDefault()
        keep(told)
      }}
    >
      <div className="grid gap-x-6 gap-y-2 sm:grid-cols-2">
        <SelectField
          label={wording.thisPageIs()}
          value={told.state}
          onChange={(e) => setTold({ ...told, state: e.target.value as Told['state'] })}
        >
          <Options of={STATES} />
        </SelectField>
        <Field
          label={WORDS[told.state]}
          maxLength={BOUNDS.PageFields.words.maxLength}
          value={told.words}
          onChange={(e) => setTold({ ...told, words: e.target.value })}
        />
      </div>
      <div className="flex flex-wrap gap-x-6">
        <Check checked={told.favourite} onChange={(e) => keep({ ...told, favourite: e.target.checked })}>
          {wording.aFavouriteFoldItsCorner()}
        </Check>
        <Check checked={told.keptPrivate} onChange={(e) => keep({ ...told, keptPrivate: e.target.checked })}>
          {wording.privateWord2()}
        </Check>
      </div>
      <Refused error={tell.error} />
      {changed && (
        <div>
          <Button type="submit" look="ink" disabled={tell.isPending}>
            {wording.keepIt()}
          </Button>
        </div>
      )}
    </form>
  )
}
