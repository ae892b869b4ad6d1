import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries } from '../../api/queries'
import { pictureAt } from '../../shared/pictures'
import { save } from '../../shared/download'
import { Button, LINE_LINK } from '../../ui/Button'
import { Check, Checks } from '../../ui/Check'
import { DateField } from '../../ui/DateField'
import { isDay } from '../../ui/days'
import { Field, SelectField } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { NumberField, readWithin } from '../../ui/NumberField'
import { Refused } from '../../ui/Refused'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { wording } from './wording'

type Page = Schemas['SheetPage']
type Words = Schemas['Wanted']['words'][number]

/** What can stand under a picture. */
const WORDS: Record<Words, string> = {
  PAGE: wording.bookAndPage(),
  DAY: wording.day(),
  ABOUT: wording.what(),
  COUNT: wording.howMany(),
  MINUTES: wording.minutes(),
  MEDIUM: wording.medium2(),
  MARK: wording.mark(),
}

/** Any set of pages as one document; what is asked for stands in the address. */
export default function SheetScreen() {
  const [params] = useSearchParams()
  const asked = Object.fromEntries(params)
  return (
    <Waiting query={useQuery(queries.sheet(asked))}>
      {(selection) => <Chosen key={params.toString()} selection={selection} asked={asked} />}
    </Waiting>
  )
}

const keyOf = (page: Page) => `${page.bookId} ${page.number}`

function Chosen({ selection, asked }: { selection: Schemas['Selection']; asked: Record<string, string> }) {
  const [pages, setPages] = useState(selection.pages)
  const [out, setOut] = useState<string[]>([])
  const [over, setOver] = useState<number>()
  const shown = pages.filter((p) => !out.includes(keyOf(p)))
  const move = (at: number, way: number) => {
    const next = [...pages]
    const [moved] = next.splice(at, 1)
    if (moved) {
      next.splice(at + way, 0, moved)
      setPages(next)
    }
  }
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="sheet">
        <h1 id="sheet">{wording.pagesOnASheet()}</h1>
        <Asking asked={asked} />
        <Making pages={shown} title={asked.title ?? wording.pages2()} />
      </Leaf>
      <Leaf second aria-label={wording.chosenPages()}>
        <h2>{wording.pages3({ shown: shown.length })}</h2>
        <p className="text-faded">
          {[
            selection.kept > 0 && wording.keptPrivatePagesStayOut({ kept: selection.kept }),
            selection.bare > 0 && wording.bareWithoutAPictureAreLeft({ bare: selection.bare }),
          ]
            .filter(Boolean)
            .join('; ')}
        </p>
        {pages.length === 0 && <p className="py-3">{wording.nothingThatWasDrawnFitsOr()}</p>}
        <ol className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(7rem,1fr))] gap-3">
          {pages.map((page, i) => (
            <li
              key={keyOf(page)}
              className={`cursor-grab ${over === i ? 'border-ink border-l-4' : ''}`}
              draggable
              onDragStart={(event) => {
                event.dataTransfer.setData('text/plain', String(i))
                event.dataTransfer.effectAllowed = 'move'
              }}
              onDragOver={(event) => {
                event.preventDefault()
                setOver(i)
              }}
              onDragLeave={() => setOver(undefined)}
              onDrop={(event) => {
                event.preventDefault()
                setOver(undefined)
                const from = Number(event.dataTransfer.getData('text/plain'))
                move(from, i - from)
              }}
            >
              <img
                src={pictureAt(page.picture, 'SMALL')}
                alt={wording.pageNumberOfBookAbout({
                  number: page.number,
                  book: page.book,
                  about: page.about,
                })}
                loading="lazy"
                draggable={false}
                className={`plate border-hairline h-32 w-full border object-contain ${out.includes(keyOf(page)) ? 'opacity-40' : ''}`}
              />
              <Check
                checked={!out.includes(keyOf(page))}
                onChange={(e) =>
                  setOut(e.target.checked ? out.filter((k) => k !== keyOf(page)) : [...out, keyOf(page)])
                }
              >
                {wording.pNumber({ number: page.number })}
              </Check>
              <span className="flex gap-3">
                <Button
                  look="quiet"
                  disabled={i === 0}
                  aria-label={wording.pageNumberOfBookEarlier({ number: page.number, book: page.book })}
                  onClick={() => move(i, -1)}
                >
                  ←
                </Button>
                <Button
                  look="quiet"
                  disabled={i === pages.length - 1}
                  aria-label={wording.pageNumberOfBookLater({ number: page.number, book: page.book })}
                  onClick={() => move(i, 1)}
                >
                  →
                </Button>
              </span>
            </li>
          ))}
        </ol>
      </Leaf>
    </TwoLeaves>
  )
}

/** Which pages: of a book, of some days, of a topic, favourites. */
function Asking({ asked }: { asked: Record<string, string> }) {
  const [, setParams] = useSearchParams()
  const books = useQuery(queries.books()).data ?? []
  const [a, setA] = useState(asked)
  const set = (some: Record<string, string>) => setA({ ...a, ...some })
  return (
    <form
      className="mt-3 grid grid-cols-2 gap-x-6 gap-y-2"
      onSubmit={(event) => {
        event.preventDefault()
        setParams(Object.fromEntries(Object.entries(a).filter(([, value]) => value !== '')))
      }}
    >
      <SelectField
        label={wording.book()}
        value={a.book ?? ''}
        onChange={(e) => set({ book: e.target.value })}
      >
        <option value="">{wording.anyWord()}</option>
        {books
          .filter((b) => !b.removed)
          .map((b) => (
            <option key={b.id} value={b.id}>
              {b.name}
            </option>
          ))}
      </SelectField>
      <div className="grid grid-cols-2 gap-x-3">
        <Field
          label={wording.fromPage()}
          inputMode="numeric"
          value={a.first ?? ''}
          onChange={(e) => set({ first: e.target.value.replace(/\D/g, '') })}
        />
        <Field
          label={wording.toPage()}
          inputMode="numeric"
          value={a.last ?? ''}
          onChange={(e) => set({ last: e.target.value.replace(/\D/g, '') })}
        />
      </div>
      <DateField label={wording.drawnFrom()} value={a.from ?? ''} onChange={(from) => set({ from })} />
      <DateField label={wording.drawnUntil()} value={a.to ?? ''} onChange={(to) => set({ to })} />
      <Field label={wording.topic()} value={a.topic ?? ''} onChange={(e) => set({ topic: e.target.value })} />
      <Field label={wording.words()} value={a.text ?? ''} onChange={(e) => set({ text: e.target.value })} />
      <Check
        checked={a.favourites === 'true'}
        onChange={(e) => set({ favourites: e.target.checked ? 'true' : '' })}
      >
        {wording.favouritesAlone()}
      </Check>
      <div className="col-span-2 flex flex-wrap gap-x-6">
        <Button
          type="submit"
          disabled={[a.from, a.to].some((day) => day !== undefined && day !== '' && !isDay(day))}
        >
          {wording.chooseThese()}
        </Button>
        <Link to="/books" className={LINE_LINK}>
          {wording.toTheBooks()}
        </Link>
      </div>
    </form>
  )
}

function Making({ pages, title }: { pages: Page[]; title: string }) {
  const format = useFormats()
  const [named, setNamed] = useState(title)
  const [paper, setPaper] = useState<Schemas['Wanted']['paper']>('A4')
  const [each, setEach] = useState('12')
  const [words, setWords] = useState<Words[]>(['DAY', 'ABOUT', 'COUNT', 'MINUTES'])
  const perSheet = readWithin(each, BOUNDS.Wanted.perSheet, format)
  const make = useMutation({
    mutationFn: async (as: 'pdf' | 'png') => {
      const wanted = {
        body: {
          title: named,
          paper,
          perSheet: perSheet ?? 12,
          words,
          pages: pages.map((p) => ({ book: p.bookId, number: p.number })),
        },
        parseAs: 'blob',
      } as const
      const request = as === 'pdf' ? api.POST('/api/sheet', wanted) : api.POST('/api/sheet/strip', wanted)
      const file = await answer<unknown>(request)
      save(file as Blob, `${named.trim() || 'pages'}.${as}`)
      const { response } = await request
      return [...decodeURIComponent(response.headers.get('Missing-Letters') ?? '')]
    },
  })
  const ready = pages.length > 0 && perSheet !== undefined && !make.isPending
  return (
    <form
      className="border-hairline mt-5 grid grid-cols-2 gap-x-6 gap-y-2 border-t pt-3"
      onSubmit={(event) => {
        event.preventDefault()
        make.mutate('pdf')
      }}
    >
      <div className="col-span-2">
        <Field
          label={wording.title()}
          maxLength={BOUNDS.Wanted.title.maxLength}
          value={named}
          onChange={(e) => setNamed(e.target.value)}
        />
      </div>
      <SelectField
        label={wording.printedOn()}
        value={paper}
        onChange={(e) => setPaper(e.target.value as typeof paper)}
      >
        <option value="A4">{wording.a4()}</option>
        <option value="LETTER">{wording.letter()}</option>
      </SelectField>
      <NumberField
        needed
        label={wording.picturesASheet()}
        bounds={BOUNDS.Wanted.perSheet}
        value={each}
        onChange={(e) => setEach(e.target.value)}
      />
      <div className="col-span-2">
        <Checks legend={wording.underEachPicture()} of={WORDS} chosen={words} onChange={setWords} />
      </div>
      <Refused error={make.error} className="col-span-2" />
      {make.data && make.data.length > 0 && (
        <p role="status" className="text-sanguine col-span-2">
          {wording.noFontOnThisMachineHas({ join: make.data.join(' '), data: make.data.length === 1 })}
        </p>
      )}
      <div className="col-span-2 flex flex-wrap gap-x-6">
        <Button type="submit" look="ink" disabled={!ready}>
          {make.isPending ? wording.makingIt() : wording.makeThePdfOfPages({ pages: pages.length })}
        </Button>
        <Button disabled={!ready} onClick={() => make.mutate('png')}>
          {wording.asOneStripPng()}
        </Button>
      </div>
    </form>
  )
}
