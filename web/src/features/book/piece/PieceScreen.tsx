import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { answer, api } from '../../../api/client'
import { BOUNDS } from '../../../api/generated/bounds'
import { queries, refreshAll } from '../../../api/queries'
import { Button, LINE_LINK } from '../../../ui/Button'
import { Field } from '../../../ui/Field'
import { useFormats } from '../../../ui/locale'
import { useNotKept, useNotice } from '../../../ui/Notices'
import { NumberField, readWithin } from '../../../ui/NumberField'
import { Leaf, TwoLeaves } from '../../../ui/TwoLeaves'
import { Waiting } from '../../../ui/Waiting'
import { PieceSheet } from './PieceSheet'
import { drawnFor, standing, type Piece, type Stage } from './text'
import { usePiece } from './usePiece'
import { Variants } from './Variants'
import { wording } from '../wording'

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
            {wording.allPieces()}
          </Link>
        </div>
        <p className="text-faded">{standing(piece, format)}</p>
        {fields.about && <p className="mt-2 font-serif italic">{fields.about}</p>}
        {!fields.ended && current && <UnderWay key={current.id} piece={piece} stage={current} />}
        <div className="mt-6 flex flex-wrap gap-x-6 gap-y-1">
          {!current && !fields.ended && (
            <Button look="ink" onClick={() => end(true, wording.itIsDone())}>
              {wording.itIsDone2()}
            </Button>
          )}
          <Button onClick={() => setChanging(true)}>{wording.changeStagesAndWords()}</Button>
          {current && (
            <Button
              onClick={() =>
                end(!fields.ended, fields.ended ? wording.underWayAgain() : wording.letGoItCanBeTaken())
              }
            >
              {fields.ended ? wording.takeItUpAgain() : wording.letItGo()}
            </Button>
          )}
          <Button look="quiet" onClick={() => remove()}>
            {wording.remove()}
          </Button>
        </div>
        {changing && <PieceSheet piece={piece} onClose={() => setChanging(false)} />}
      </Leaf>
      <Leaf second aria-label={wording.stages()}>
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
      <section aria-label={wording.logForName({ name: stage.name })} className="mt-5">
        <h2>{stage.name}</h2>
        <form
          className="mt-2 grid grid-cols-2 items-end gap-x-4 sm:grid-cols-[7rem_7rem_1fr]"
          onSubmit={(event) => {
            event.preventDefault()
            send()
          }}
        >
          <NumberField
            label={wording.minutes2()}
            bounds={BOUNDS.EntryFields.minutes}
            value={minutes}
            onChange={(e) => setMinutes(e.target.value)}
          />
          <NumberField
            label={wording.pageOrEmpty()}
            bounds={BOUNDS.EntryFields.pageFrom}
            value={page}
            onChange={(e) => setPage(e.target.value)}
          />
          <div className="max-sm:col-span-2">
            <Field
              label={wording.noteOrEmpty()}
              maxLength={500}
              value={note}
              onChange={(e) => setNote(e.target.value)}
            />
          </div>
          <Button type="submit" className="justify-self-start" disabled={!ready || log.isPending}>
            {wording.logItToday()}
          </Button>
        </form>
      </section>
      <section aria-label={wording.gate()} className="mt-5">
        <p className="font-serif text-xl">{stage.gate || wording.thisStageHasNoQuestionAt()}</p>
        <Field
          label={wording.yourAnswerOrEmpty()}
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
                last
                  ? wording.nameIsPassedItWasThe({ name: stage.name })
                  : wording.nameOnToTheNext({ name: stage.name }),
              )
            }
          >
            {forward(stage, last)}
          </Button>
          {stage.gate && (
            <Button
              onClick={() =>
                changeStage(stage.id, { answer: words }, wording.nameGoesOnYourAnswerIs({ name: stage.name }))
              }
            >
              {wording.notYet()}
            </Button>
          )}
        </div>
      </section>
    </>
  )
}

function forward(stage: Stage, last: boolean) {
  if (last) {
    return stage.gate ? wording.yes() : wording.thisStageIsDone()
  }
  return stage.gate ? wording.yesGoOn() : wording.goOn()
}

function OneStage({ piece, stage, number }: { piece: Piece; stage: Stage; number: number }) {
  const format = useFormats()
  const { changeStage } = usePiece(piece)
  const drawn = piece.stages.find((s) => s.id === stage.id)
  const later = piece.fields.stages.slice(number).some((s) => s.passed)
  const state = stage.passed ? 'passed' : stage.id === piece.current ? wording.underWay2() : wording.toCome()
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
          onClick={() => changeStage(stage.id, { passed: false }, wording.backToName({ name: stage.name }))}
        >
          {wording.backToThisStage()}
        </Button>
      )}
    </li>
  )
}

function useRemoving(piece: Piece) {
  const client = useQueryClient()
  const navigate = useNavigate()
  const say = useNotice()
  const notKept = useNotKept()
  const path = { params: { path: { id: piece.id } } }
  const onError = notKept
  const back = useMutation({
    mutationFn: () => answer(api.POST('/api/pieces/{id}/back', path)),
    onSuccess: () => refreshAll(client),
    onError,
  })
  const remove = useMutation({
    mutationFn: () => answer(api.DELETE('/api/pieces/{id}', path)),
    onSuccess: () => {
      say(wording.titleIsRemovedWhatWasLogged({ title: piece.fields.title }), {
        label: wording.undo(),
        run: () => back.mutate(),
      })
      void navigate('/pieces')
      return refreshAll(client)
    },
    onError,
  })
  return () => remove.mutate()
}
