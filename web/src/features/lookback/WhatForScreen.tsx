import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../../api/queries'
import { LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { Board } from './Board'
import { GoalList } from './GoalList'
import { OpenEndList } from './OpenEndList'
import { Parts } from './Parts'
import { wording } from './wording'

/** How much of the last four weeks went into what the aim names. */
function Serves() {
  const format = useFormats()
  const serving = useQuery(queries.serving()).data?.serving
  if (!serving) {
    return null
  }
  return (
    <p className="text-faded">
      {serving.topics.length === 0
        ? wording.itNamesNoTopicOfYours()
        : wording.minutesOfOfInFourWeeks2({
            minutes: format.minutes(serving.minutes),
            of: format.minutes(serving.of),
            join: serving.topics.join(', '),
          })}
    </p>
  )
}

/** What all this is for: aim and board on the left, goals and open ends on the right. */
export default function WhatForScreen() {
  const aim = useQuery(queries.settings()).data?.whatFor
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="what-for">
        <Parts />
        <h1 id="what-for">{wording.whatFor()}</h1>
        {aim ? (
          <p className="font-serif text-xl italic">{aim}</p>
        ) : (
          <p className="text-faded">{wording.nothingWasSaidYetOneSentence()}</p>
        )}
        <Serves />
        <Link to="/settings#what-for" className={`${LINE_LINK} no-print`}>
          {aim ? wording.sayItAnew() : wording.sayIt()}
        </Link>
        <Waiting query={useQuery(queries.hung())}>{(hanging) => <Board hanging={hanging} />}</Waiting>
      </Leaf>
      <Leaf second aria-label={wording.goalsAndOpenEnds()}>
        <GoalList />
        <OpenEndList />
      </Leaf>
    </TwoLeaves>
  )
}
