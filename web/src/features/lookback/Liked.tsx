import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { Button } from '../../ui/Button'
import { Field, SelectField } from '../../ui/Field'
import { wording } from './wording'

type Ranking = Schemas['RankingView']

/** What is liked and not liked about single pictures, written one by one and gathered. */
export function Liked({
  ranking,
  onSay,
}: {
  ranking: Ranking
  onSay: (words: { picture: string; liked: string; disliked: string }) => void
}) {
  const said = ranking.ranked.filter((p) => p.liked || p.disliked)
  const [picture, setPicture] = useState(ranking.ranked[0]?.picture ?? '')
  return (
    <section className="mt-4" aria-labelledby="liked">
      <h2 id="liked">{wording.whatYouLikeInThemAnd()}</h2>
      {said.length > 0 && (
        <div className="grid grid-cols-2 gap-x-6">
          <Gathered title={wording.liked()} words={said.map((p) => p.liked)} />
          <Gathered title={wording.notLiked()} words={said.map((p) => p.disliked)} />
        </div>
      )}
      <SelectField label={wording.about()} value={picture} onChange={(e) => setPicture(e.target.value)}>
        {ranking.ranked.map((p, i) => (
          <option key={p.picture} value={p.picture}>
            {i + 1} {p.called ?? wording.aPicture()}
          </option>
        ))}
      </SelectField>
      <Words
        key={picture}
        of={ranking.ranked.find((p) => p.picture === picture)}
        onSay={(words) => onSay({ picture, ...words })}
      />
    </section>
  )
}

function Gathered({ title, words }: { title: string; words: string[] }) {
  const told = words.filter((w) => w !== '')
  return (
    <div>
      <h3 className="text-faded">{title}</h3>
      {told.length === 0 ? (
        <p className="text-faded">{wording.nothingSaid()}</p>
      ) : (
        <ul className="list-['–_'] pl-4">
          {told.map((w, i) => (
            <li key={i}>{w}</li>
          ))}
        </ul>
      )}
    </div>
  )
}

function Words({
  of,
  onSay,
}: {
  of: Ranking['ranked'][number] | undefined
  onSay: (words: { liked: string; disliked: string }) => void
}) {
  const [liked, setLiked] = useState(of?.liked ?? '')
  const [disliked, setDisliked] = useState(of?.disliked ?? '')
  return (
    <form
      className="grid grid-cols-2 items-end gap-x-6 gap-y-2 max-sm:grid-cols-1"
      onSubmit={(event) => {
        event.preventDefault()
        onSay({ liked, disliked })
      }}
    >
      <Field
        label={wording.iLike()}
        value={liked}
        maxLength={BOUNDS.PictureWords.liked.maxLength}
        onChange={(e) => setLiked(e.target.value)}
      />
      <Field
        label={wording.iDoNotLike()}
        value={disliked}
        maxLength={BOUNDS.PictureWords.disliked.maxLength}
        onChange={(e) => setDisliked(e.target.value)}
      />
      <Button
        type="submit"
        className="justify-self-start"
        disabled={liked === (of?.liked ?? '') && disliked === (of?.disliked ?? '')}
      >
        {wording.keep()}
      </Button>
    </form>
  )
}
