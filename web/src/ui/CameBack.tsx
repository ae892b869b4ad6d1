import { Button } from './Button'
import { wording } from './wording'

/** Says that a form shows what was typed before, with the way out. */
export function CameBack({ kept }: { kept: { back: boolean; startOver: () => void } }) {
  return kept.back ? (
    <p className="text-faded my-2 flex flex-wrap items-baseline gap-x-4">
      {wording.hereIsWhatYouHadTyped()}
      <Button look="quiet" onClick={kept.startOver}>
        {wording.startOver()}
      </Button>
    </p>
  ) : null
}
