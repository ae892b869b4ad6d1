import { save } from '../../shared/download'
import { Button } from '../../ui/Button'

/** A letter on paper, or as a file of its own. */
export function TakenAway({ file, markdown }: { file: string; markdown: () => string }) {
  return (
    <>
      <Button look="quiet" onClick={() => window.print()}>
        Print, or keep as PDF
      </Button>
      <Button
        look="quiet"
        onClick={() => save(new Blob([markdown()], { type: 'text/markdown' }), `${file}.md`)}
      >
        As Markdown
      </Button>
    </>
  )
}
