import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { Button } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { plural } from '../../ui/plural'
import { Waiting } from '../../ui/Waiting'
import { LayBeside, TakeApart } from './LayBeside'
import { Parts } from './Parts'

type Subject = Schemas['SubjectView']

/** The same subject, drawn at the beginning of a course, half-way and at its end. */
export default function BeforeScreen() {
  return (
    <div className="wide:px-8 px-4 py-6">
      <Parts />
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1>Before and after</h1>
        <Button look="quiet" className="no-print" onClick={() => window.print()}>
          Print, or keep as PDF
        </Button>
      </div>
      <Waiting query={useQuery(queries.subjects())}>
        {(subjects) =>
          subjects.length === 0 ? (
            <p className="mt-2 max-w-prose">
              No course asks for a subject twice yet. Under <Link to="/course">Course</Link>,{' '}
              <em>Change the plan</em> puts one in: drawn unaided now, and once more at the end. What was
              drawn again without a plan is laid side by side below.
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
          ? `${plural(subject.between.days, 'day')}, ${format.minutes(subject.between.minutes)} and ${plural(subject.between.drawings, 'drawing')} lie between the first and the last.`
          : 'it lies beside itself once it is drawn again.'}
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
                  ? 'drawn, without a picture of its page'
                  : `planned for the week of ${format.dayMonthYear(m.planned)}`}
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
              {m.mark > 0 && <span className="text-faded">, mark {m.mark}</span>}
              {m.measured && (
                <>
                  {', '}
                  <Link to={`/bench/${m.measured.comparison}`} className="underline underline-offset-4">
                    {format.number(Math.round(m.measured.meanOffset * 1000) / 10)} % off its reference
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
