import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { answer, api } from '../../../api/client'
import { BOUNDS } from '../../../api/generated/bounds'
import { queries, refreshAll } from '../../../api/queries'
import { Button, LINE_LINK } from '../../../ui/Button'
import { Field } from '../../../ui/Field'
import { useFormats } from '../../../ui/locale'
import { useNotice } from '../../../ui/Notices'
import { NumberField, readWithin } from '../../../ui/NumberField'
import { Leaf, TwoLeaves } from '../../../ui/TwoLeaves'
import { Waiting } from '../../../ui/Waiting'
import { PieceSheet } from './PieceSheet'
import { drawnFor, standing, type Piece, type Stage } from './text'
import { usePiece } from './usePiece'
import { Variants } from './Variants'

/** A staged piece: the stage under way on the left, all stages with their pictures on the right. */
export default function PieceScreen() {
  const { id = '' } = useParams()
  return <Waiting query={useQuery(queries.piece(id))}>{(piece) => <Known key={id} piece={piece} />}</Waiting>
}

function Known({ piece }: { piece: Piece }) {
  const format = useFormats()
  const [changing, setChanging] = useState(false)
  const { end } = usePiece(piece)
  const remove = useRemoving(piece)
  const { fields } = piece
  const current = fields.stages.find((s) => s.id === piece.current)
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="piece">
        <div className="flex flex-wrap items-baseline justify-between gap-x-5">
          <h1 id="piece">{fields.title}</h1>
          <Link to="/pieces" className={LINE_LINK}>
            All pieces
          </Link>
        </div>
        <p className="text-faded">{standing(piece, format)}</p>
        {fields.about && <p className="mt-2 font-serif italic">{fields.about}</p>}
        {!fields.ended && current && <UnderWay key={current.id} piece={piece} stage={current} />}
        <div className="mt-6 flex flex-wrap gap-x-6 gap-y-1">
          {!current && !fields.ended && (
            <Button look="ink" onClick={() => end(true, 'It is done.')}>
              It is done
            </Button>
          )}
          <Button onClick={() => setChanging(true)}>Change stages and words</Button>
          {current && (
            <Button
              onClick={() =>
                end(!fields.ended, fields.ended ? 'Under way again.' : 'Let go; it can be taken up again.')
              }
            >
              {fields.ended ? 'Take it up again' : 'Let it go'}
            </Button>
          )}
          <Button look="quiet" onClick={() => remove()}>
            Remove
          </Button>
        </div>
        {changing && <PieceSheet piece={piece} onClose={() => setChanging(false)} />}
      </Leaf>
      <Leaf second aria-label="Stages">
        <ol>
          {fields.stages.map((stage, i) => (
            <OneStage key={stage.id} piece={piece} stage={stage} number={i + 1} />
          ))}
        </ol>
      </Leaf>
    </TwoLeaves>
  )
}

/** The stage under way: log for it, and answer its gate. */
function UnderWay({ piece, stage }: { piece: Piece; stage: Stage }) {
  const last = piece.fields.stages.every((s) => s.passed || s.id === stage.id)
  const format = useFormats()
  const { changeStage, log } = usePiece(piece)
  const today = useQuery(queries.today()).data?.day
  const [minutes, setMinutes] = useState('')
  const [page, setPage] = useState('')
  const [note, setNote] = useState('')
  const [words, setWords] = useState(stage.answer)
  const spent = readWithin(minutes, BOUNDS.EntryFields.minutes, format)
  const at = readWithin(page, BOUNDS.EntryFields.pageFrom, format)
  const { topic, medium, book, title } = piece.fields
  const ready = today !== undefined && spent !== undefined && (page.trim() === '' || at !== undefined)
  const send = () =>
    ready &&
    log.mutate(
      {
        stage: stage.id,
        fields: {
          day: today,
          minutes: spent,
          topic: topic ?? null,
          medium: medium ?? null,
          book: book ?? null,
          pageFrom: at ?? null,
          wentWrong: '',
          nextTime: '',
          note: [title, stage.name, note.trim()].filter(Boolean).join(', '),
        },
      },
      {
        onSuccess: () => {
          setMinutes('')
          setNote('')
        },
      },
    )
  return (
    <>
      <section aria-label={`Log for ${stage.name}`} className="mt-5">
        <h2>{stage.name}</h2>
        <form
          className="mt-2 grid grid-cols-2 items-end gap-x-4 sm:grid-cols-[7rem_7rem_1fr]"
          onSubmit={(event) => {
            event.preventDefault()
            send()
          }}
        >
          <NumberField
            label="Minutes"
            bounds={BOUNDS.EntryFields.minutes}
            value={minutes}
            onChange={(e) => setMinutes(e.target.value)}
          />
          <NumberField
            label="Page, or empty"
            bounds={BOUNDS.EntryFields.pageFrom}
            value={page}
            onChange={(e) => setPage(e.target.value)}
          />
          <div className="max-sm:col-span-2">
            <Field
              label="Note, or empty"
              maxLength={500}
              value={note}
              onChange={(e) => setNote(e.target.value)}
            />
          </div>
          <Button type="submit" className="justify-self-start" disabled={!ready || log.isPending}>
            Log it today
          </Button>
        </form>
      </section>
      <section aria-label="Gate" className="mt-5">
        <p className="font-serif text-xl">{stage.gate || 'This stage has no question at its end.'}</p>
        <Field
          label="Your answer, or empty"
          maxLength={BOUNDS.StageFields.answer.maxLength}
          value={words}
          onChange={(e) => setWords(e.target.value)}
        />
        <div className="mt-3 flex flex-wrap gap-x-6">
          <Button
            look="ink"
            onClick={() =>
              changeStage(
                stage.id,
                { passed: true, answer: words },
                last ? `${stage.name} is passed; it was the last.` : `${stage.name}: on to the next.`,
              )
            }
          >
            {forward(stage, last)}
          </Button>
          {stage.gate && (
            <Button
              onClick={() =>
                changeStage(stage.id, { answer: words }, `${stage.name} goes on; your answer is kept.`)
              }
            >
              Not yet
            </Button>
          )}
        </div>
      </section>
    </>
  )
}

function forward(stage: Stage, last: boolean) {
  if (last) {
    return stage.gate ? 'Yes' : 'This stage is done'
  }
  return stage.gate ? 'Yes, go on' : 'Go on'
}

function OneStage({ piece, stage, number }: { piece: Piece; stage: Stage; number: number }) {
  const format = useFormats()
  const { changeStage } = usePiece(piece)
  const drawn = piece.stages.find((s) => s.id === stage.id)
  const later = piece.fields.stages.slice(number).some((s) => s.passed)
  const state = stage.passed ? 'passed' : stage.id === piece.current ? 'under way' : 'to come'
  return (
    <li className="border-hairline border-b py-3">
      <h2>
        {number}. {stage.name} <span className="text-faded font-sans text-base">{state}</span>
      </h2>
      <p className="text-faded">{drawnFor(drawn?.minutes ?? 0, drawn?.days ?? 0, format)}</p>
      {stage.gate && (
        <p>
          <span className="font-serif italic">{stage.gate}</span> {stage.answer}
        </p>
      )}
      <Variants piece={piece} stage={stage} />
      {stage.passed && !later && !piece.fields.ended && (
        <Button
          look="quiet"
          onClick={() => changeStage(stage.id, { passed: false }, `Back to ${stage.name}.`)}
        >
          Back to this stage
        </Button>
      )}
    </li>
  )
}

function useRemoving(piece: Piece) {
  const client = useQueryClient()
  const navigate = useNavigate()
  const say = useNotice()
  const path = { params: { path: { id: piece.id } } }
  const onError = (error: Error) => say(`Not kept: ${error.message}`)
  const back = useMutation({
    mutationFn: () => answer(api.POST('/api/pieces/{id}/back', path)),
    onSuccess: () => refreshAll(client),
    onError,
  })
  const remove = useMutation({
    mutationFn: () => answer(api.DELETE('/api/pieces/{id}', path)),
    onSuccess: () => {
      say(`${piece.fields.title} is removed; what was logged for it stays.`, {
        label: 'Undo',
        run: () => back.mutate(),
      })
      void navigate('/pieces')
      return refreshAll(client)
    },
    onError,
  })
  return () => remove.mutate()
}
