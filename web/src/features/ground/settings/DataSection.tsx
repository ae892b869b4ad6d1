import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../../api/client'
import { refreshAll } from '../../../api/queries'
import { Button, LINE_LINK } from '../../../ui/Button'
import { FileButton } from '../../../ui/FileButton'
import { enumerated } from '../../../ui/lists'
import { useFormats, type Formats } from '../../../ui/locale'
import { Refused } from '../../../ui/Refused'
import { wording } from '../wording'
import { Said } from '../../../shared/said/Said'

type Report = Schemas['ImportReport']

/** What a file would bring in, or has brought in, each with its number; what there is none of is left out. */
function told(report: Report, format: Formats): string[] {
  const { added, skipped, refused, applied } = report
  const parts = [
    added > 0 &&
      `${format.number(added)} ${wording.entries({ added })} ${applied ? wording.broughtIn() : wording.toBringIn()}`,
    skipped > 0 && wording.skippedThereAlready({ skipped: format.number(skipped) }),
    refused > 0 && wording.refusedLinesRefused({ number: format.number(refused), count: refused }),
  ].filter((part) => part !== false)
  return parts.length > 0 ? parts : [wording.noEntriesInIt()]
}

const OUTCOMES: Record<Schemas['Line']['outcome'], string> = {
  ADD: wording.add(),
  SKIP: wording.skip(),
  REFUSE: wording.refuse(),
}
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
        {wording.yourData()}
      </h2>
      <p>
        {wording.allThatYouWroteIsYours()} <code>{'./quill import FILE'}</code>{' '}
        {wording.fillsAnEmptyFolderWithA()}
      </p>
      <div className="mt-3 flex flex-wrap items-baseline gap-x-8 gap-y-3">
        <a href="/api/export" download className={LINE_LINK}>
          {wording.takeAllEntriesOutAsCsv()}
        </a>
        <a href="/api/copies/whole" download className={LINE_LINK}>
          {wording.takeEverythingOutAsZip()}
        </a>
        <FileButton
          accept=".csv,text/csv"
          label={wording.aCsvFileOfEntries()}
          onFiles={([chosen]) => choose(chosen)}
        >
          {wording.bringEntriesInFromCsv()}
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
      {report.refused > 0 && <p className="text-sanguine">{wording.nothingIsBroughtInWhileA()}</p>}
      {!report.applied && report.refused === 0 && report.added > 0 && (
        <Button look="ink" className="my-2" disabled={pending} onClick={onApply}>
          {wording.bringInAdded({ added: format.number(report.added) })}
        </Button>
      )}
      <ul>
        {telling.slice(0, MOST_SHOWN).map((line) => (
          <li
            key={line.number}
            className="border-hairline grid grid-cols-[4.5rem_4.5rem_1fr] gap-2 border-t py-1"
          >
            <span className="text-faded">{wording.lineNumber({ number: line.number })}</span>
            <span className={line.outcome === 'REFUSE' ? 'text-sanguine' : ''}>{OUTCOMES[line.outcome]}</span>
            <span>
              {line.reason && (
                <b className="font-medium">
                  <Said message={line.reason} />{' '}
                </b>
              )}
              <span className="text-faded">{line.summary}</span>
            </span>
          </li>
        ))}
      </ul>
      {more > 0 && (
        <p className="text-faded">{wording.andMoreMoreLines({ number: format.number(more), count: more })}</p>
      )}
    </div>
  )
}
