import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../../api/queries'
import { LINE_LINK } from '../../ui/Button'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { Board } from './Board'
import { GoalList } from './GoalList'
import { OpenEndList } from './OpenEndList'
import { Parts } from './Parts'

/** What all this is for: aim and board on the left, goals and open ends on the right. */
export default function WhatForScreen() {
  const aim = useQuery(queries.settings()).data?.whatFor
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="what-for">
        <Parts />
        <h1 id="what-for">What for</h1>
        {aim ? (
          <p className="font-serif text-xl italic">{aim}</p>
        ) : (
          <p className="text-faded">Nothing was said yet. One sentence is enough.</p>
        )}
        <Link to="/settings#what-for" className={`${LINE_LINK} no-print`}>
          {aim ? 'Say it anew' : 'Say it'}
        </Link>
        <Waiting query={useQuery(queries.hung())}>
          {(hanging) => <Board key={hanging.version} hanging={hanging} />}
        </Waiting>
      </Leaf>
      <Leaf second aria-label="Goals and open ends">
        <GoalList />
        <OpenEndList />
      </Leaf>
    </TwoLeaves>
  )
}
