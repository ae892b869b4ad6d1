import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries, refreshAll } from '../../api/queries'
import { NameField } from '../../shared/NameField'
import { RULES } from '../../shared/promise/quota-words'
import { Button } from '../../ui/Button'
import { Check, Checks } from '../../ui/Check'
import { Options } from '../../ui/Choices'
import { DateField } from '../../ui/DateField'
import { isDay } from '../../ui/days'
import { Field, SelectField, TextField } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { NumberField, readWithin } from '../../ui/NumberField'
import { refusedAt } from '../../ui/Refused'
import { Sheet } from '../../ui/Sheet'
import { SheetEnd } from '../../ui/SheetEnd'
import { Waiting } from '../../ui/Waiting'
import { BINDINGS, TAKES, type Book } from './text'
import { wording } from './wording'

type Fields = Schemas['BookFields']

const EMPTY: Fields = {
  name: '',
  format: '',
  bothSides: true,
  binding: 'BOUND',
  currency: '',
  paper: [],
  rules: [],
  colours: '',
  goal: '',
  keptPrivate: false,
  notShown: false,
  notJudged: false,
}

/** "Harbour book 3" after "Harbour book 2"; another name stays to be thought of. */
export function nextName(name: string): string {
  const found = /^(.*?)(\d+)\s*$/.exec(name)
  return found ? `${found[1]}${Number(found[2]) + 1}` : `${name} 2`
}

/** A new book, or what is known of one put right. */
export function BookSheet({
  book,
  like,
  onClose,
}: {
  book?: Book
  /** A book that a new one may be like. */
  like?: string | undefined
  onClose: () => void
}) {
  return book ? (
    <Form begin={book.fields} book={book} onClose={onClose} />
  ) : like ? (
    <Like like={like} onClose={onClose} />
  ) : (
    <Form begin={EMPTY} onClose={onClose} />
  )
}

function Like({ like, onClose }: { like: string; onClose: () => void }) {
  return (
    <Waiting query={useQuery(queries.book(like))}>
      {(last) => <Form begin={EMPTY} last={last} onClose={onClose} />}
    </Waiting>
  )
}

function Form({
  begin,
  book,
  last,
  onClose,
}: {
  begin: Fields
  book?: Book
  last?: Book
  onClose: () => void
}) {
  const format = useFormats()
  const client = useQueryClient()
  const navigate = useNavigate()
  const today = useQuery(queries.today()).data?.day
  const [f, setF] = useState(begin)
  const [numbers, setNumbers] = useState(written(begin, format.writeNumber))
  const [more, setMore] = useState(Boolean(book))
  const [id] = useState(() => book?.id ?? crypto.randomUUID())
  const leaves = readWithin(numbers.leaves, BOUNDS.BookFields.leaves, format)
  const grams = readWithin(numbers.grams, BOUNDS.BookFields.grams, format)
  const price = readWithin(numbers.price, PRICE, format)
  const set = (some: Partial<Fields>) => setF({ ...f, ...some })
  const number = (some: Partial<typeof numbers>) => setNumbers({ ...numbers, ...some })
  const wrong =
    (numbers.leaves.trim() !== '' && leaves === undefined) ||
    (numbers.grams.trim() !== '' && grams === undefined) ||
    (numbers.price.trim() !== '' && price === undefined) ||
    [f.opened, f.closed].some((day) => day && !isDay(day)) ||
    f.paper.some((p) => p.medium.trim() === '')
  const keep = useMutation({
    mutationFn: () => {
      const fields: Fields = {
        ...f,
        leaves: leaves ?? null,
        grams: grams ?? null,
        price: price ?? null,
        currency: f.currency.trim().toUpperCase(),
        opened: f.opened || null,
        closed: f.closed || null,
      }
      return book
        ? answer(
            api.PUT('/api/books/{id}', {
              params: { path: { id } },
              body: { version: book.version, change: crypto.randomUUID(), fields },
            }),
          )
        : answer(api.POST('/api/books', { body: { id, fields } }))
    },
    onSuccess: (kept) => {
      onClose()
      void navigate(`/books/${kept.id}`)
      return refreshAll(client)
    },
  })
  const sameAsLast = () => {
    if (last) {
      const like: Fields = {
        ...last.fields,
        name: nextName(last.fields.name),
        opened: today ?? null,
        closed: null,
        keptShare: null,
        goal: '',
      }
      setF(like)
      setNumbers(written(like, format.writeNumber))
    }
  }
  return (
    <Sheet open onClose={onClose} title={book ? book.fields.name : wording.aNewBook()}>
      <form
        className="grid grid-cols-2 gap-x-6 gap-y-3"
        onSubmit={(event) => {
          event.preventDefault()
          if (f.name.trim() && !wrong) {
            keep.mutate()
          }
        }}
      >
        {last && (
          <p className="text-faded col-span-2">
            {wording.aNameAndAFormatAre()}{' '}
            <Button look="quiet" onClick={sameAsLast}>
              {wording.sameAsName({ name: last.fields.name })}
            </Button>
          </p>
        )}
        <Field
          label={wording.name()}
          required
          maxLength={BOUNDS.BookFields.name.maxLength}
          value={f.name}
          error={refusedAt(keep.error, 'name')}
          onChange={(e) => set({ name: e.target.value })}
        />
        <Field
          label={wording.format()}
          hint={wording.a4B5Landscape21X29()}
          maxLength={BOUNDS.BookFields.format.maxLength}
          value={f.format}
          error={refusedAt(keep.error, 'format')}
          onChange={(e) => set({ format: e.target.value })}
        />
        <NumberField
          label={wording.leavesOrEmpty()}
          hint={
            leaves
              ? wording.pages({ bothSides: f.bothSides ? 2 * leaves : leaves })
              : wording.sheetsOfPaperNotPages()
          }
          bounds={BOUNDS.BookFields.leaves}
          value={numbers.leaves}
          onChange={(e) => number({ leaves: e.target.value })}
        />
        <SelectField
          label={wording.leavesAre()}
          value={f.binding}
          onChange={(e) => set({ binding: e.target.value as Fields['binding'] })}
        >
          <Options of={BINDINGS} />
        </SelectField>
        <div className="col-span-2">
          <Check checked={f.bothSides} onChange={(e) => set({ bothSides: e.target.checked })}>
            {wording.bothSidesOfALeafAre()}
          </Check>
        </div>
        {!more && (
          <p className="col-span-2">
            <Button look="quiet" onClick={() => setMore(true)}>
              {wording.paperPriceRulesWhatItIs()}
            </Button>
          </p>
        )}
        {more && (
          <>
            <NumberField
              label={wording.paperGM()}
              bounds={BOUNDS.BookFields.grams}
              value={numbers.grams}
              onChange={(e) => number({ grams: e.target.value })}
            />
            <div className="grid grid-cols-[1fr_5rem] gap-x-3">
              <NumberField
                label={wording.price()}
                decimals
                bounds={PRICE}
                value={numbers.price}
                error={refusedAt(keep.error, 'price')}
                onChange={(e) => number({ price: e.target.value })}
              />
              <Field
                label={wording.currency()}
                maxLength={3}
                placeholder={wording.eur()}
                value={f.currency}
                error={refusedAt(keep.error, 'currency')}
                onChange={(e) => set({ currency: e.target.value })}
              />
            </div>
            <DateField
              label={wording.openedOn()}
              value={f.opened ?? ''}
              onChange={(opened) => set({ opened })}
            />
            <DateField
              label={wording.closedOnOrEmpty()}
              value={f.closed ?? ''}
              error={refusedAt(keep.error, 'closed')}
              onChange={(closed) => set({ closed })}
            />
            <PaperList paper={f.paper} onChange={(paper) => set({ paper })} />
            <div className="col-span-2">
              <Checks
                legend={wording.rulesAskedAboutWhereYourEntries()}
                of={
                  Object.fromEntries(Object.entries(RULES).map(([r, { name }]) => [r, name])) as Record<
                    Fields['rules'][number],
                    string
                  >
                }
                chosen={f.rules}
                onChange={(rules) => set({ rules })}
              />
            </div>
            <div className="col-span-2">
              <TextField
                label={wording.writtenOnItsFirstPageWhat()}
                maxLength={BOUNDS.BookFields.goal.maxLength}
                value={f.goal}
                onChange={(e) => set({ goal: e.target.value })}
              />
              <Field
                label={wording.whatItsColoursMean()}
                maxLength={BOUNDS.BookFields.colours.maxLength}
                value={f.colours}
                onChange={(e) => set({ colours: e.target.value })}
              />
            </div>
            <div className="col-span-2">
              <Check checked={f.keptPrivate} onChange={(e) => set({ keptPrivate: e.target.checked })}>
                {wording.privateKeptOutOfEverySheet()}
              </Check>
              <Check checked={f.notJudged} onChange={(e) => set({ notJudged: e.target.checked })}>
                {wording.notJudgedNoMarkIsAsked()}
              </Check>
              <Check checked={f.notShown} onChange={(e) => set({ notShown: e.target.checked })}>
                {wording.notShownNobodyElseLooksAt()}
              </Check>
            </div>
          </>
        )}
        <SheetEnd
          error={keep.error}
          fields={['name', 'format', 'closed', 'price', 'currency']}
          keep={book ? wording.keepIt() : wording.openIt()}
          disabled={!f.name.trim() || wrong || keep.isPending}
        />
      </form>
    </Sheet>
  )
}

const PRICE = { ...BOUNDS.BookFields.price, decimals: true }

const written = (f: Fields, write: (value: number) => string) => ({
  leaves: f.leaves == null ? '' : write(f.leaves),
  grams: f.grams == null ? '' : write(f.grams),
  price: f.price == null ? '' : write(f.price),
})

function PaperList({
  paper,
  onChange,
}: {
  paper: Fields['paper']
  onChange: (paper: Fields['paper']) => void
}) {
  const put = (at: number, some: Partial<Fields['paper'][number]>) =>
    onChange(paper.map((p, i) => (i === at ? { ...p, ...some } : p)))
  return (
    <fieldset className="col-span-2">
      <legend className="font-medium">{wording.whatItsPaperTakes()}</legend>
      {paper.map((p, i) => (
        <div key={i} className="grid grid-cols-[1fr_1fr_auto] items-end gap-x-4">
          <NameField
            kind="MEDIUM"
            label={wording.medium()}
            value={p.medium}
            onChange={(e) => put(i, { medium: e.target.value })}
          />
          <SelectField
            label={wording.thePaper()}
            value={p.takes}
            onChange={(e) => put(i, { takes: e.target.value as typeof p.takes })}
          >
            <Options of={TAKES} />
          </SelectField>
          <Button look="quiet" onClick={() => onChange(paper.filter((_, at) => at !== i))}>
            {wording.remove()}
          </Button>
        </div>
      ))}
      <Button
        look="quiet"
        disabled={paper.length >= 40}
        onClick={() => onChange([...paper, { medium: '', takes: 'STANDS' }])}
      >
        {wording.addAMedium()}
      </Button>
    </fieldset>
  )
}
