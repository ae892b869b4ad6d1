import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../../api/client'
import { refreshAll } from '../../../api/queries'
import { Button, LINE_LINK } from '../../../ui/Button'
import { FileButton } from '../../../ui/FileButton'
import { enumerated } from '../../../ui/lists'
import { useFormats, type Formats } from '../../../ui/locale'
import { Refused } from '../../../ui/Refused'
import { noun } from '../../../ui/plural'

type Report = Schemas['ImportReport']

/** What a file would bring in, or has brought in, each with its number; what there is none of is left out. */
function told(report: Report, format: Formats): string[] {
  const { added, skipped, refused, applied } = report
  const parts = [
    added > 0 &&
      `${format.number(added)} ${noun(added, 'entry', 'entries')} ${applied ? 'brought in' : 'to bring in'}`,
    skipped > 0 && `${format.number(skipped)} there already`,
    refused > 0 && `${format.number(refused)} ${noun(refused, 'line')} refused`,
  ].filter((part) => part !== false)
  return parts.length > 0 ? parts : ['no entries in it']
}

const OUTCOMES: Record<Schemas['Line']['outcome'], string> = { ADD: 'add', SKIP: 'skip', REFUSE: 'refuse' }
const MOST_SHOWN = 300

const send = (file: string, apply: boolean) =>
  answer(
    api.POST('/api/import', {
      params: { query: { apply } },
      body: file as never,
      bodySerializer: (text: unknown) => text as string,
      headers: { 'Content-Type': 'text/csv' },
    }),
  ) as Promise<Report>

/** Taking entries out and bringing them back in. */
export function DataSection() {
  const client = useQueryClient()
  const [file, setFile] = useState<{ name: string; content: string }>()
  const trial = useMutation({ mutationFn: (content: string) => send(content, false) })
  const apply = useMutation({
    mutationFn: (content: string) => send(content, true),
    onSuccess: () => refreshAll(client),
  })
  const report = apply.data ?? trial.data
  const failed = apply.error ?? trial.error

  const choose = async (chosen: File) => {
    apply.reset()
    trial.reset()
    // The bytes go as they are, so that the server can say whether they are UTF-8.
    const content = chosen as unknown as string
    setFile({ name: chosen.name, content })
    await trial.mutateAsync(content).catch(() => undefined)
  }

  return (
    <section aria-labelledby="data">
      <h2 id="data" className="border-ink mt-8 border-t pt-4">
        Your data
      </h2>
      <p>
        All that you wrote is yours in open files. The ZIP holds everything, the CSV your entries alone;{' '}
        <code>./quill import FILE</code> fills an empty folder with a ZIP.
      </p>
      <div className="mt-3 flex flex-wrap items-baseline gap-x-8 gap-y-3">
        <a href="/api/export" download className={LINE_LINK}>
          Take all entries out as CSV
        </a>
        <a href="/api/copies/whole" download className={LINE_LINK}>
          Take everything out as ZIP
        </a>
        <FileButton
          accept=".csv,text/csv"
          label="A CSV file of entries"
          onFiles={([chosen]) => choose(chosen)}
        >
          Bring entries in from CSV
        </FileButton>
      </div>
      <Refused error={failed} className="mt-2" />
      {report && file && (
        <ImportTable
          report={report}
          name={file.name}
          pending={apply.isPending}
          onApply={() => apply.mutate(file.content)}
        />
      )}
    </section>
  )
}

function ImportTable({
  report,
  name,
  pending,
  onApply,
}: {
  report: Report
  name: string
  pending: boolean
  onApply: () => void
}) {
  const format = useFormats()
  const telling = report.lines.filter((line) => line.outcome !== 'SKIP')
  const more = report.added + report.refused - Math.min(telling.length, MOST_SHOWN)
  return (
    <div className="mt-4">
      <p role="status">
        {name}: {enumerated(told(report, format))}.
      </p>
      {report.refused > 0 && (
        <p className="text-sanguine">
          Nothing is brought in while a line is refused. Mend the file and choose it again.
        </p>
      )}
      {!report.applied && report.refused === 0 && report.added > 0 && (
        <Button look="ink" className="my-2" disabled={pending} onClick={onApply}>
          Bring in {format.number(report.added)}
        </Button>
      )}
      <ul>
        {telling.slice(0, MOST_SHOWN).map((line) => (
          <li
            key={line.number}
            className="border-hairline grid grid-cols-[4.5rem_4.5rem_1fr] gap-2 border-t py-1"
          >
            <span className="text-faded">line {line.number}</span>
            <span className={line.outcome === 'REFUSE' ? 'text-sanguine' : ''}>{OUTCOMES[line.outcome]}</span>
            <span>
              {line.reason && <b className="font-medium">{line.reason} </b>}
              <span className="text-faded">{line.summary}</span>
            </span>
          </li>
        ))}
      </ul>
      {more > 0 && (
        <p className="text-faded">
          …and {format.number(more)} more {noun(more, 'line')}.
        </p>
      )}
    </div>
  )
}
