import { Button } from './Button'

/** Says that a form shows what was typed before, with the way out. */
export function CameBack({ kept }: { kept: { back: boolean; startOver: () => void } }) {
  return kept.back ? (
    <p className="text-faded my-2 flex flex-wrap items-baseline gap-x-4">
      Here is what you had typed and not kept.
      <Button look="quiet" onClick={kept.startOver}>
        Start over
      </Button>
    </p>
  ) : null
}
