import { useQuery } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { BOUNDS } from '../../api/generated/bounds'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { UNITS } from '../../shared/entry/study'
import { Button } from '../../ui/Button'
import { Options } from '../../ui/Choices'
import { DateField } from '../../ui/DateField'
import { Field, Said, SelectField, TextField } from '../../ui/Field'
import { listed } from '../../ui/lists'
import { useFormats, type Formats } from '../../ui/locale'
import { NumberField, readWithin, type NumberKind } from '../../ui/NumberField'
import { Refused, refusedAt } from '../../ui/Refused'
import { Cancel, Sheet } from '../../ui/Sheet'
import { Check } from '../../ui/Check'
import { ENDED, OWNERSHIP, ROLES, type Resource } from './text'
import { RESOURCE_KINDS } from '../../shared/shelf/resource-kinds'
import { useShelf } from './useShelf'
import { wording } from './wording'

type Fields = Schemas['ResourceFields']

const NOTHING: Fields = {
  name: '',
  kind: 'BOOK',
  role: 'TEACHES',
  topics: [],
  currency: '',
  ownership: 'OWNED',
  wanted: [],
  onlyAfter: [],
  byHand: [],
  goodFor: '',
  bewareOf: '',
  note: '',
}

const NAMES_OF_UNITS = Object.fromEntries(Object.entries(UNITS).map(([unit, named]) => [unit, named(2)]))

const PRICE: NumberKind = { ...BOUNDS.ResourceFields.price, decimals: true }

/** Spans as they are typed: "1-12, 20". */
const writeSpans = (spans: Fields['byHand']) =>
  spans.map((s) => (s.from === s.to ? `${s.from}` : `${s.from}-${s.to}`)).join(', ')

function readSpans(text: string): Fields['byHand'] | undefined {
  const spans = listed(text).map((piece) => piece.match(/^(\d{1,5})(?:\s*[-–]\s*(\d{1,5}))?$/))
  return spans.some((m) => m === null)
    ? undefined
    : spans.map((m) => ({ from: Number(m?.[1]), to: Number(m?.[2] ?? m?.[1]) }))
}

/** What is told of a resource; name and kind suffice. */
export default function ResourceSheet({
  resource,
  name = '',
  all,
  onClose,
}: {
  resource?: Resource
  name?: string
  all: Resource[]
  onClose: () => void
}) {
  const format = useFormats()
  const { create, change } = useShelf()
  const [id] = useState(() => crypto.randomUUID())
  const begin = resource?.fields ?? { ...NOTHING, name }
  const [fields, setFields] = useState(begin)
  const [typed, setTyped] = useState(() => toTyped(begin, format))
  const write = resource ? change : create
  const today = useQuery(queries.today()).data?.day ?? ''
  const number = { ...BOUNDS.ResourceFields.total }
  const spans = readSpans(typed.byHand)
  const price = typed.price.trim() === '' ? null : readWithin(typed.price, PRICE, format)
  const total = typed.total.trim() === '' ? null : readWithin(typed.total, number, format)
  const queue =
    typed.queue.trim() === '' ? null : readWithin(typed.queue, BOUNDS.ResourceFields.queue, format)
  const good =
    fields.name.trim() !== '' &&
    spans !== undefined &&
    today !== '' &&
    price !== undefined &&
    total !== undefined &&
    queue !== undefined
  const set = (some: Partial<Fields>) => setFields({ ...fields, ...some })
  const type = (some: Partial<typeof typed>) => setTyped({ ...typed, ...some })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (!good) {
      return
    }
    const kept: Fields = {
      ...fields,
      name: fields.name.trim(),
      topics: listed(typed.topics),
      total,
      price,
      queue,
      byHand: spans,
      unit: fields.unit ?? null,
      dueBack: fields.ownership === 'BORROWED' ? (fields.dueBack ?? null) : null,
      wanted: fields.ownership === 'WANTED' && fields.wanted.length === 0 ? [today] : fields.wanted,
      endedOn: fields.ended ? (fields.endedOn ?? today) : null,
    }
    const done = { onSuccess: onClose }
    if (resource) {
      change.mutate({ resource, fields: kept }, done)
    } else {
      create.mutate({ id, fields: kept }, done)
    }
  }
  const others = all.filter((r) => r.id !== resource?.id)
  const error = (field: string) => refusedAt(write.error, field)
  return (
    <Sheet
      open
      onClose={onClose}
      title={resource ? fields.name || wording.aResource() : wording.onTheShelf()}
      wide
    >
      <form onSubmit={submit} noValidate>
        <div className="grid gap-x-6 gap-y-3 sm:grid-cols-3">
          <Field
            label={wording.name()}
            value={fields.name}
            maxLength={BOUNDS.ResourceFields.name.maxLength}
            error={error('name') ?? error('text')}
            onChange={(e) => set({ name: e.target.value })}
          />
          <SelectField
            label={wording.whatItIs()}
            value={fields.kind}
            onChange={(e) => set({ kind: e.target.value as Fields['kind'] })}
          >
            <Options of={RESOURCE_KINDS} />
          </SelectField>
          <SelectField
            label={wording.it()}
            value={fields.role}
            onChange={(e) => set({ role: e.target.value as Fields['role'] })}
          >
            <Options of={ROLES} />
          </SelectField>
          <Field
            label={wording.aboutWhichTopicsWithCommas()}
            value={typed.topics}
            onChange={(e) => type({ topics: e.target.value })}
          />
          <SelectField
            label={wording.countedIn()}
            value={fields.unit ?? ''}
            error={error('unit')}
            onChange={(e) => set({ unit: (e.target.value || null) as Fields['unit'] & string })}
          >
            <option value="">{wording.notCounted()}</option>
            <Options of={NAMES_OF_UNITS} />
          </SelectField>
          <NumberField
            label={wording.howManyInAll()}
            bounds={number}
            value={typed.total}
            disabled={!fields.unit}
            onChange={(e) => type({ total: e.target.value })}
          />
          <Field
            label={wording.doneBeforeAsIn112()}
            value={typed.byHand}
            disabled={!fields.unit}
            error={
              spans === undefined
                ? wording.byHandIsNoListOfNumbers({ byHand: typed.byHand })
                : error('byHand')
            }
            onChange={(e) => type({ byHand: e.target.value })}
          />
          <SelectField
            label={wording.itIs()}
            value={fields.ownership}
            onChange={(e) => set({ ownership: e.target.value as Fields['ownership'] })}
          >
            <Options of={OWNERSHIP} />
          </SelectField>
          {fields.ownership === 'BORROWED' && (
            <DateField
              label={wording.goesBackOn()}
              value={fields.dueBack ?? ''}
              error={error('dueBack')}
              onChange={(dueBack) => set({ dueBack })}
            />
          )}
          <NumberField
            label={wording.price()}
            bounds={PRICE}
            decimals
            value={typed.price}
            error={error('price')}
            onChange={(e) => type({ price: e.target.value })}
          />
          <Field
            label={wording.currencyThreeLetters()}
            value={fields.currency}
            error={error('currency')}
            onChange={(e) => set({ currency: e.target.value.toUpperCase() })}
          />
          <NumberField
            label={wording.placeInTheQueue()}
            hint={wording.emptyInNone()}
            bounds={BOUNDS.ResourceFields.queue}
            value={typed.queue}
            onChange={(e) => type({ queue: e.target.value })}
          />
        </div>
        {others.length > 0 && (
          <details className="mt-3" open={fields.onlyAfter.length > 0 || error('onlyAfter') !== undefined}>
            <summary className="min-h-8 cursor-pointer font-medium pointer-coarse:min-h-11">
              {wording.onlyAfter()}
            </summary>
            <div className="flex flex-wrap gap-x-5">
              {others.map((other) => (
                <Check
                  key={other.id}
                  checked={fields.onlyAfter.includes(other.id)}
                  onChange={(e) =>
                    set({
                      onlyAfter: e.target.checked
                        ? [...fields.onlyAfter, other.id]
                        : fields.onlyAfter.filter((o) => o !== other.id),
                    })
                  }
                >
                  {other.fields.name}
                </Check>
              ))}
            </div>
            <Said error={error('onlyAfter')} holds={fields.onlyAfter.join()} />
          </details>
        )}
        <div className="mt-3 grid gap-x-6 gap-y-3 sm:grid-cols-2">
          <TextField
            label={wording.note()}
            value={fields.note}
            onChange={(e) => set({ note: e.target.value })}
          />
          <SelectField
            label={wording.itEnded()}
            value={fields.ended ?? ''}
            onChange={(e) => set({ ended: (e.target.value || null) as Fields['ended'] & string })}
          >
            <option value="">{wording.notYet()}</option>
            <Options of={ENDED} />
          </SelectField>
          {fields.ended && (
            <>
              <TextField
                label={wording.goodFor()}
                value={fields.goodFor}
                onChange={(e) => set({ goodFor: e.target.value })}
              />
              <TextField
                label={wording.bewareOf()}
                value={fields.bewareOf}
                onChange={(e) => set({ bewareOf: e.target.value })}
              />
            </>
          )}
        </div>
        <Refused
          error={write.error}
          fields={['name', 'text', 'unit', 'byHand', 'dueBack', 'price', 'currency', 'onlyAfter']}
          className="mt-3"
        />
        <div className="mt-5 flex gap-6">
          <Button type="submit" look="ink" disabled={!good || write.isPending}>
            {resource ? wording.keepIt() : wording.putItOnTheShelf()}
          </Button>
          <Cancel />
        </div>
      </form>
    </Sheet>
  )
}

const toTyped = (f: Fields, { writeNumber }: Formats) => ({
  topics: f.topics.join(', '),
  total: f.total == null ? '' : writeNumber(f.total),
  price: f.price == null ? '' : writeNumber(f.price),
  queue: f.queue == null ? '' : writeNumber(f.queue),
  byHand: writeSpans(f.byHand),
})
