import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Link } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { said, STANDING } from '../../shared/bench/habit'
import { Button, LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { useNotKept, useNotice } from '../../ui/Notices'
import { upperFirst } from '../../ui/text'
import { wording } from './wording'

type Said = Schemas['SaidHabitView']

/** Errors that come back in what was written under "went wrong"; they have a side and no figure. */
export function InWords() {
  const habits = useQuery(queries.saidHabits()).data ?? []
  if (habits.length === 0) {
    return null
  }
  return (
    <section aria-labelledby="in-words" className="mt-6">
      <h2 id="in-words">{wording.inYourOwnWords()}</h2>
      <p className="text-faded text-sm">{wording.readFromWentWrongSuchAs()}</p>
      <ul>
        {habits.map((h) => (
          <Line key={`${h.part} ${h.along}`} habit={h} />
        ))}
      </ul>
    </section>
  )
}

function Line({ habit: h }: { habit: Said }) {
  const format = useFormats()
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const more = h.more >= h.less
  const misread = useMutation({
    mutationFn: (entry: string) =>
      answer(
        api.PUT('/api/bench/said/misread', {
          body: { entry, part: h.part, along: h.along, wrong: true },
        }),
      ),
    onSuccess: () => {
      say(wording.itDoesNotCountAnyMore())
      return client.invalidateQueries({ queryKey: ['bench'] })
    },
    onError: notKept,
  })
  return (
    <li className={`border-hairline border-b py-1 ${h.standing === 'HOLDS' ? '' : 'text-faded'}`}>
      <details>
        <summary className="flex min-h-8 cursor-pointer flex-wrap items-baseline gap-x-2 pointer-coarse:min-h-11">
          <span className={h.standing === 'HOLDS' ? 'font-medium' : ''}>
            {upperFirst(said(h.part, h.along, more))}
          </span>
          <span>{wording.moreOfNotes({ more: Math.max(h.more, h.less), of: h.more + h.less })}</span>
          <span className="ml-auto">{STANDING[h.standing]}</span>
        </summary>
        <ul className="text-ink text-sm">
          {h.cases.map((c) => (
            <li key={c.entry} className="flex flex-wrap items-baseline gap-x-3">
              <Link to={`/day/${c.day}`} className={LINE_LINK}>
                {format.dayMonth(c.day)}
              </Link>
              <q className="font-serif">{c.text}</q>
              <Button
                look="quiet"
                onClick={() => misread.mutate(c.entry)}
                aria-label={wording.notMeantSoText({ text: c.text })}
              >
                {wording.notMeantSo()}
              </Button>
            </li>
          ))}
        </ul>
      </details>
    </li>
  )
}
