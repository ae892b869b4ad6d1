import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { enumerated } from '../../ui/lists'
import { useFormats } from '../../ui/locale'
import { Button } from '../../ui/Button'
import { ChangeSheet } from '../../shared/plan/ChangeSheet'
import { remedyChoices, RemedySheet, type Remedy } from './RemedySheet'
import { clash, shortfall } from '../../shared/plan/words'
import type { Change } from '../../shared/plan/usePlanChanges'
import { wording } from './wording'

/** What stands out in a week, each with what one could do. */
export function Remarks({ course, placement }: { course: Schemas['CourseView']; placement: string }) {
  const format = useFormats()
  const [remedy, setRemedy] = useState<Remedy>()
  const { week, today } = course
  if (!week) {
    return null
  }
  const over = week.to < today
  const large = week.shortfalls.filter((s) => !s.slight)
  const choices = week.remedies ? remedyChoices(week.remedies, week, format) : []
  return (
    <section>
      <h2>{wording.remarks()}</h2>
      {week.load != null && !over && (
        <p>
          {wording.theWorkLeftIsLoadOf({
            load: format.percent(week.load),
            over: week.load > 1 || large.length > 0,
          })}
        </p>
      )}
      <Missed week={week} over={over} />
      {large.length > 0 && !over && (
        <>
          <p className="text-sanguine">
            {wording.doesNotFitJoin({ join: large.map((s) => shortfall(s, format)).join('; ') })}
          </p>
          {choices.length > 0 && (
            <>
              <p>{wording.itWouldFitWithAnyOf()}</p>
              <ul className="list-['–_'] pl-4">
                {choices.map((choice) => (
                  <li key={choice.label}>
                    <Button look="quiet" onClick={() => setRemedy(choice)}>
                      {choice.label}
                    </Button>
                  </li>
                ))}
              </ul>
            </>
          )}
        </>
      )}
      {over && week.doneMinutes < week.plannedMinutes && (
        <p className="text-faded">{wording.whatWasLeftOfThisWeek()}</p>
      )}
      {week.clashes.map((c) => (
        <p key={c.date + c.title + c.obstacle} className="text-sanguine">
          {clash(c, format)}
        </p>
      ))}
      {course.remarks.map((remark) => (
        <NeedRemark key={remark.weekKey + remark.need} remark={remark} placement={placement} today={today} />
      ))}
      {week.resources.length > 0 && (
        <p className="text-faded">{wording.fromJoin({ join: week.resources.join('; ') })}</p>
      )}
      {remedy && (
        <RemedySheet
          placement={placement}
          week={week}
          choices={choices}
          first={remedy}
          onClose={() => setRemedy(undefined)}
        />
      )}
    </section>
  )
}

function Missed({ week, over }: { week: Schemas['WeekTable']; over: boolean }) {
  const format = useFormats()
  const { missedDays: missed } = week
  if (missed.length === 0) {
    return null
  }
  return (
    <p>
      {wording.weekdayWereMissedOver({
        weekday: enumerated(missed.map(format.weekday)),
        missed: missed.length,
        over,
      })}
    </p>
  )
}

/** A need that was never touched, with a warm-up or a detour for it. */
function NeedRemark({ remark, placement }: { remark: Schemas['Remark']; placement: string; today: string }) {
  const [open, setOpen] = useState<'WARM_UP' | 'DETOUR'>()
  const change: Change =
    open === 'WARM_UP'
      ? { kind: 'WARM_UP', week: remark.weekKey, topic: remark.need, minutes: 30 }
      : remark.detourCourseId == null || remark.detourWeek == null
        ? { kind: 'DETOUR_FOR_TOPIC', week: remark.weekKey, topic: remark.need }
        : {
            kind: 'DETOUR_OF_COURSE',
            week: remark.weekKey,
            courseId: remark.detourCourseId,
            courseWeeks: [remark.detourWeek],
          }
  return (
    <div>
      {wording.topicNumberNeeds({
        topic: remark.topic,
        number:
          remark.number == null ? wording.inThisPlan() : wording.inWeekNumber({ number: remark.number }),
      })}{' '}
      <b>{remark.need}</b>
      {wording.youHave0MinutesOnIt()}
      <span className="flex flex-wrap gap-x-4 pl-4">
        <Button look="quiet" onClick={() => setOpen('WARM_UP')}>
          {wording.addAWarmUp()}
        </Button>
        <Button look="quiet" onClick={() => setOpen('DETOUR')}>
          {wording.detourFirst()}
        </Button>
      </span>
      {open && (
        <ChangeSheet
          placement={placement}
          week={remark.weekKey}
          onClose={() => setOpen(undefined)}
          title={
            open === 'WARM_UP'
              ? wording.warmUpNeed({ need: remark.need })
              : wording.detourNeed({ need: remark.need })
          }
          description={
            open === 'WARM_UP'
              ? wording.thirtyMinutesOfItInShort()
              : remark.detourTitle
                ? wording.oneWeekBeforeItFromDetourTitle({ detourTitle: remark.detourTitle })
                : wording.oneWeekBeforeItAnHour()
          }
          changes={[change]}
        />
      )}
    </div>
  )
}
