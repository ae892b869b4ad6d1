import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../../../api/queries'
import { DueRecall } from '../../../shared/topic/DueRecall'
import { recallAt, WAYS } from '../../../shared/topic/recall'
import { Button, LINE_LINK } from '../../../ui/Button'
import { Check } from '../../../ui/Check'
import { SelectField } from '../../../ui/Field'
import { useFormats } from '../../../ui/locale'
import { Leaf, TwoLeaves } from '../../../ui/TwoLeaves'
import { Waiting } from '../../../ui/Waiting'
import { BringIn } from './BringIn'
import { platePicture } from './Picture'
import { useRecall, type Line } from './useRecall'
import { wording } from '../wording'

/** Plates on the left, orders of steps and what is due on the right. */
export default function RecallScreen() {
  const { rest } = useRecall()
  return (
    <Waiting query={useQuery(queries.recall())}>
      {(view) => (
        <TwoLeaves>
          <Leaf aria-labelledby="recall">
            <h1 id="recall">{wording.recall()}</h1>
            <p className="text-faded max-w-prose">{wording.whatWasLearnedIsAskedFor()}</p>
            <ul className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(min(14rem,100%),1fr))] gap-x-6 gap-y-4">
              {view.things
                .filter((s) => s.kind === 'PLATE')
                .map((s) => (
                  <Plate key={s.id} line={s} />
                ))}
            </ul>
            <BringIn />
          </Leaf>
          <Leaf second aria-label={wording.ordersOfStepsAndWhatIs()}>
            <h2>{wording.today()}</h2>
            {view.resting ? (
              <p className="text-faded">{wording.itRestsNothingIsAskedFor()}</p>
            ) : view.due.length === 0 ? (
              <p className="text-faded">{wording.nothingIsDue()}</p>
            ) : (
              <ul>
                {view.due.map((d) => (
                  <li key={d.kind + d.id}>
                    <DueRecall due={d} />
                  </li>
                ))}
              </ul>
            )}
            <h2 className="mt-5">{wording.ordersOfSteps()}</h2>
            <ul>
              {view.things
                .filter((s) => s.kind === 'ORDER')
                .map((s) => (
                  <li key={s.id} className="border-hairline border-b py-2">
                    <Link to={recallAt(s)} className="font-serif text-lg underline underline-offset-4">
                      {s.title}
                    </Link>
                    <Standing line={s} ways={['ORDER']} />
                  </li>
                ))}
            </ul>
            <p className="mt-2">
              <Link to="/recall/own/orders/new" className={LINE_LINK}>
                {wording.writeAnOrderOfYourOwn()}
              </Link>
            </p>
            <div className="mt-5">
              <Check checked={view.resting} onChange={(e) => rest.mutate(e.target.checked)}>
                {wording.askForNothingForNow()}
              </Check>
            </div>
          </Leaf>
        </TwoLeaves>
      )}
    </Waiting>
  )
}

function Plate({ line }: { line: Line }) {
  return (
    <li>
      <Link to={line.gone ? `/recall/own/plates/${line.id}` : recallAt(line)} className="flex gap-3">
        {line.gone || (
          <img
            src={platePicture(line.id)}
            alt=""
            loading="lazy"
            className="plate border-hairline h-32 w-24 shrink-0 border object-contain"
          />
        )}
        <span>
          <span className="block font-serif text-lg underline underline-offset-4">{line.title}</span>
          <span className="text-faded">
            {line.gone ? wording.itsPictureWasTakenOutIt() : wording.names({ parts: line.parts })}
            {line.own && !line.gone && wording.yourOwn()}
          </span>
        </span>
      </Link>
      <Standing line={line} ways={['DRAW', 'PLACE', 'NAME']} />
    </li>
  )
}

/** Whether and how it is asked for, and how that went. */
function Standing({ line, ways }: { line: Line; ways: NonNullable<Line['way']>[] }) {
  const format = useFormats()
  const today = useQuery(queries.today()).data?.day
  const due = line.due != null && today !== undefined && line.due <= today
  const { take, leaveOff } = useRecall()
  const { kind, id } = line
  if (!line.way) {
    return (
      <Button
        look="quiet"
        aria-label={wording.askMeForItTitle({ title: line.title })}
        onClick={() => take.mutate({ kind, id, way: ways[0] ?? 'DRAW' })}
      >
        {wording.askMeForIt()}
      </Button>
    )
  }
  return (
    <div className="text-faded text-sm">
      <p>
        {line.due && (due ? wording.dueNow() : wording.nextOnDue({ due: format.dayMonthYear(line.due) }))}
        {line.times > 0 && wording.thereRightOfTimes({ right: line.right, times: line.times })}
      </p>
      <div className="flex flex-wrap items-end gap-x-4">
        {ways.length > 1 && (
          <SelectField
            label={wording.how()}
            value={line.way}
            onChange={(e) => take.mutate({ kind, id, way: e.target.value as NonNullable<Line['way']> })}
          >
            {ways.map((w) => (
              <option key={w} value={w}>
                {WAYS[w]}
              </option>
            ))}
          </SelectField>
        )}
        <Button
          look="quiet"
          aria-label={wording.leaveItOffTitle({ title: line.title })}
          onClick={() => leaveOff.mutate({ kind, id })}
        >
          {wording.leaveItOff()}
        </Button>
      </div>
    </div>
  )
}
