import { save } from '../../shared/download'
import { Button } from '../../ui/Button'
import { wording } from './wording'

/** A letter on paper, or as a file of its own. */
export function TakenAway({ file, markdown }: { file: string; markdown: () => string }) {
  return (
    <>
      <Button look="quiet" onClick={() => window.print()}>
        {wording.printOrKeepAsPdf()}
      </Button>
      <Button
        look="quiet"
        onClick={() => save(new Blob([markdown()], { type: 'text/markdown' }), `${file}.md`)}
      >
        {wording.asMarkdown()}
      </Button>
    </>
  )
}
