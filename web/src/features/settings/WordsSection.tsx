import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import type { FormEvent } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { Field, SelectField } from '../../ui/Field'
import { KIND_NAMES } from './text'

type Kind = keyof typeof KIND_NAMES
type OwnWord = Schemas['OwnWord']

/** The learner's own words, which the log line understands. */
export function WordsSection() {
  const client = useQueryClient()
  const words = useQuery(queries.words()).data
  const write = useMutation({
    mutationFn: (own: OwnWord[]) => answer(api.PUT('/api/words', { body: { own } })),
    onSuccess: () => refreshAll(client),
  })
  const add = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const form = event.currentTarget
    const data = new FormData(form)
    const spellings = String(data.get('spellings'))
      .split(',')
      .map((s) => s.trim())
      .filter(Boolean)
    const word: OwnWord = {
      kind: String(data.get('kind')) as Kind,
      name: String(data.get('name')).trim(),
      spellings,
    }
    await write.mutateAsync([...(words?.own ?? []), word]).then(
      () => form.reset(),
      () => undefined,
    )
  }
  return (
    <section aria-labelledby="words">
      <h2 id="words" className="border-ink mt-8 border-t pt-4">
        Words of your own
      </h2>
      <p className="text-faded">
        The log line knows the exercises and topics of your course and these media and sources:{' '}
        {words?.shipped.map((w) => w.name).join(', ')}. Add your books, resources, topics and whatever else
        you write.
      </p>
      <ul className="my-2">
        {words?.own.map((word) => (
          <li key={word.kind + word.name} className="border-hairline flex items-baseline gap-3 border-t py-1">
            <span className="text-faded w-20">{KIND_NAMES[word.kind as Kind]}</span>
            <span className="font-medium">{word.name}</span>
            <span className="text-faded">{word.spellings.join(', ')}</span>
            <Button
              look="quiet"
              className="ml-auto"
              aria-label={`Remove ${word.name}`}
              onClick={() => write.mutate(words.own.filter((w) => w !== word))}
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
      <form onSubmit={add} className="grid items-end gap-4 sm:grid-cols-[8rem_1fr_1fr_auto]">
        <SelectField label="Kind" name="kind">
          {Object.entries(KIND_NAMES).map(([value, label]) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </SelectField>
        <Field label="Name" name="name" required maxLength={120} />
        <Field label="Also written, with commas between" name="spellings" maxLength={400} />
        <Button type="submit">Add the word</Button>
      </form>
      {write.isError && (
        <p role="alert" className="text-sanguine">
          {write.error.message}
        </p>
      )}
    </section>
  )
}
