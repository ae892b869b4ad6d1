import { useState, type ReactNode } from 'react'
import type { Schemas } from '../../api/client'
import { AwaySheet } from '../../shared/away/AwaySheet'
import { Button } from '../../ui/Button'
import { Sheet } from '../../ui/Sheet'
import { ChangeForm, type Kind } from './ChangeForms'
import { HistorySheet } from './HistorySheet'
import { MissedSheet } from './MissedSheet'
import { ANSWERS, HAPPENED, POLICIES, type Answer, type Happened } from './text'
import { wording } from './wording'

type Open = Answer | 'HISTORY' | undefined

/** What happened, in the learner's words, and the changes that answer it. */
export function ChangeThePlan({
  course,
  placed,
  weekKey,
}: {
  course: Schemas['CourseView']
  placed: Schemas['Placed']
  weekKey: string
}) {
  const [happened, setHappened] = useState<Happened>()
  const [open, setOpen] = useState<Open>()
  const week = course.ruler.find((w) => w.key === weekKey)
  const over = week !== undefined && week.to < course.today
  const close = () => setOpen(undefined)
  const missed = placed.missedDays.length
  return (
    <section className="no-print">
      <h2>{wording.changeThePlan()}</h2>
      <p className="text-faded">
        {over ? wording.thisWeekIsOverItStays() : wording.whatHappenedNothingMovesBeforeYou()}
      </p>
      {!over && (
        <ul className="my-1">
          {(Object.keys(HAPPENED) as Happened[]).map((what) => (
            <li key={what}>
              <Button onClick={() => setHappened(what)}>{HAPPENED[what].name}</Button>
            </li>
          ))}
        </ul>
      )}
      <p className="flex flex-wrap items-baseline gap-x-5">
        <Button onClick={() => setOpen('MISSED')}>
          {missed > 0 ? wording.missedWorkDays({ missed }) : wording.missedWork()}
        </Button>
        <Button onClick={() => setOpen('HISTORY')}>{wording.howThePlanCameToBe()}</Button>
        <span className="text-faded">
          {wording.missedWorkIsHandledByToLowerCase({
            toLowerCase: POLICIES[placed.policy].name.toLowerCase(),
          })}
        </span>
      </p>
      {happened && (
        <Sheet open onClose={() => setHappened(undefined)} title={HAPPENED[happened].name}>
          <AnswerList
            answers={HAPPENED[happened].answers.filter(
              (a) => a !== 'SWAP' || (week && canMove(week, course)),
            )}
            onOpen={(answer) => {
              setHappened(undefined)
              setOpen(answer)
            }}
          />
        </Sheet>
      )}
      {open === 'HISTORY' ? (
        <HistorySheet placement={placed.placement} onClose={close} />
      ) : open === 'MISSED' ? (
        <MissedSheet placement={placed.placement} policy={placed.policy} onClose={close} />
      ) : open === 'AWAY' ? (
        <AwaySheet first={course.today} onClose={close} />
      ) : (
        open &&
        week && (
          <ChangeForm
            kind={open satisfies Kind}
            about={{
              placement: placed.placement,
              ruler: course.ruler,
              week,
              today: course.today,
              onClose: close,
            }}
          />
        )
      )}
    </section>
  )
}

/** Whether a week can still change places: what has begun stays where it is. */
const canMove = (week: Schemas['RulerWeek'], { ruler, today }: Schemas['CourseView']) =>
  week.from > today && ruler.some((w) => w.key !== week.key && w.from > today)

function AnswerList({ answers, onOpen }: { answers: Answer[]; onOpen: (answer: Answer) => void }): ReactNode {
  return (
    <ul>
      {answers.map((answer) => (
        <li key={answer} className="border-hairline border-t">
          <button
            type="button"
            className="hover:bg-deeper block w-full py-2.5 text-left"
            onClick={() => onOpen(answer)}
          >
            <span className="font-medium underline underline-offset-4">{ANSWERS[answer].name}</span>
            <span className="text-faded block">{ANSWERS[answer].line}</span>
          </button>
        </li>
      ))}
    </ul>
  )
}
