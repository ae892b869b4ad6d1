import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { Button } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { Waiting } from '../../ui/Waiting'
import { LayBeside, TakeApart } from './LayBeside'
import { Parts } from './Parts'
import { wording } from './wording'

type Subject = Schemas['SubjectView']

/** The same subject, drawn at the beginning of a course, half-way and at its end. */
export default function BeforeScreen() {
  return (
    <div className="wide:px-8 px-4 py-6">
      <Parts />
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1>{wording.beforeAndAfter()}</h1>
        <Button look="quiet" className="no-print" onClick={() => window.print()}>
          {wording.printOrKeepAsPdf()}
        </Button>
      </div>
      <Waiting query={useQuery(queries.subjects())}>
        {(subjects) =>
          subjects.length === 0 ? (
            <p className="mt-2 max-w-prose">
              {wording.noCourseAsksForASubject()} <Link to="/course">{wording.course2()}</Link>,{' '}
              <em>{wording.changeThePlan()}</em> {wording.putsOneInDrawnUnaidedNow()}
            </p>
          ) : (
            subjects.map((s, i) => <Sheet key={i} subject={s} />)
          )
        }
      </Waiting>
      <LayBeside />
    </div>
  )
}

function Sheet({ subject }: { subject: Subject }) {
  const format = useFormats()
  const drawn = subject.moments.filter((m) => m.drawn)
  return (
    <section className="border-hairline mt-4 border-t pt-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2>{subject.title}</h2>
        {subject.own && <TakeApart id={subject.own} title={subject.title} />}
      </div>
      <p className="text-faded">
        {subject.course && `${subject.course}: `}
        {drawn.length > 1
          ? wording.daysMinutesAndDrawingsLieBetween({
              days: subject.between.days,
              minutes: format.minutes(subject.between.minutes),
              drawings: subject.between.drawings,
            })
          : wording.itLiesBesideItselfOnceIt()}
      </p>
      <ol className="mt-3 grid grid-cols-3 gap-4 max-sm:grid-cols-1">
        {subject.moments.map((m) => (
          <li key={m.entry ?? m.title}>
            {m.picture ? (
              <img
                src={`/api/pictures/${m.picture}/LARGE`}
                alt={`${m.title}, ${m.drawn ? format.dayMonthYear(m.drawn) : ''}`}
                className="plate border-hairline aspect-square max-h-[50dvh] w-full border object-contain"
              />
            ) : (
              <p className="border-hairline text-faded grid aspect-square max-h-[50dvh] w-full place-items-center border border-dashed p-4 text-center">
                {m.drawn
                  ? wording.drawnWithoutAPictureOfIts()
                  : wording.plannedForTheWeekOfPlanned({ planned: format.dayMonthYear(m.planned) })}
              </p>
            )}
            <p>
              {m.drawn ? (
                <Link to={`/day/${m.drawn}`} className="underline underline-offset-4">
                  {format.dayMonthYear(m.drawn)}
                </Link>
              ) : (
                m.title
              )}
              {m.mark > 0 && <span className="text-faded">{wording.markMark({ mark: m.mark })}</span>}
              {m.measured && (
                <>
                  {', '}
                  <Link to={`/bench/${m.measured.comparison}`} className="underline underline-offset-4">
                    {wording.meanOffsetOffItsReference({
                      meanOffset: format.number(Math.round(m.measured.meanOffset * 1000) / 10),
                    })}
                  </Link>
                </>
              )}
            </p>
          </li>
        ))}
      </ol>
    </section>
  )
}
