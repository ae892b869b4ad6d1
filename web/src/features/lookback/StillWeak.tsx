import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { useWeak } from '../../shared/topic/told-topic'
import { Button, LINE_LINK } from '../../ui/Button'
import { useNotice } from '../../ui/Notices'
import { wording } from './wording'

/** Asks of each topic that felt weak whether it still does. */
export function StillWeak({ weak }: { weak: Schemas['WeakTopic'][] }) {
  return weak.length === 0 ? null : (
    <section aria-labelledby="still-weak" className="no-print mt-4">
      <h2 id="still-weak">{wording.doesItStillFeelWeak()}</h2>
      <ul>
        {weak.map((topic) => (
          <Asked key={topic.topic} weak={topic} />
        ))}
      </ul>
    </section>
  )
}

function Asked({ weak: { topic, name, since, wished } }: { weak: Schemas['WeakTopic'] }) {
  const say = useNotice()
  const feels = useWeak(topic)
  return (
    <li className="border-hairline flex flex-wrap items-baseline gap-x-3 border-b py-1.5">
      <span className="min-w-0 flex-1">{name}</span>
      <Link to={`/topics/${topic}`} className={LINE_LINK}>
        {wording.moreOfIt()}
      </Link>
      <Button
        look="quiet"
        disabled={feels.isPending}
        aria-label={wording.noLongerWeakName({ name })}
        onClick={() =>
          feels.mutate(null, {
            onSuccess: () =>
              say(wording.nameNoLongerWeak({ name }), {
                label: wording.undo(),
                run: () => feels.mutate({ drawings: wished, since }),
              }),
          })
        }
      >
        {wording.noLonger()}
      </Button>
    </li>
  )
}
