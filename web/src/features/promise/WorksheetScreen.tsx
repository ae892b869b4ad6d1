import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import { answer, api, Problem } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { useFormats } from '../../ui/locale'
import { useKept } from '../../ui/useKept'
import { CameBack } from '../../ui/CameBack'
import { useNotice } from '../../ui/Notices'
import { Leaf, TWO_LEAVES } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { Answer, useSheet } from './Answer'
import { newTerms, toTerms, fromTerms, type Draft } from './draft'
import { TermsForm } from './TermsForm'
import { canBeDone, fitsIn, type Quota } from './text'
import { wording } from './wording'

/** The worksheet: the promise on the left leaf, whether it can be kept on the right, as one types. */
export default function WorksheetScreen() {
  const { id } = useParams()
  const today = useQuery(queries.today())
  const format = useFormats()
  const known = useQuery({ ...queries.quota(id ?? ''), enabled: id !== undefined })
  if (id === undefined) {
    return <Waiting query={today}>{({ day }) => <Worksheet begin={newTerms(day)} />}</Waiting>
  }
  return (
    <Waiting query={known}>
      {(quota) => <Worksheet begin={fromTerms(quota.terms, format)} quota={quota} />}
    </Waiting>
  )
}

function Worksheet({ begin, quota }: { begin: Draft; quota?: Quota }) {
  const navigate = useNavigate()
  const client = useQueryClient()
  const say = useNotice()
  const kept = useKept(quota ? `terms:${quota.id}:${quota.version}` : 'terms', begin)
  const { value: draft, set: setDraft } = kept
  const [id] = useState(() => crypto.randomUUID())
  const form = useRef<HTMLFormElement>(null)
  const section = useRef<HTMLElement>(null)
  const format = useFormats()
  const read = toTerms(draft, format)
  const { sheet, refused } = useSheet(read.terms, quota?.id)
  // The pressed remedy goes away with the load: whoever presses by keyboard is led to what it changed.
  const take = (remedy: Partial<Draft>) => {
    setDraft({ ...draft, ...remedy })
    const field = form.current?.elements.namedItem(Object.keys(remedy)[0] ?? '')
    if (field instanceof HTMLInputElement) {
      field.focus()
    }
  }
  const write = useMutation({
    mutationFn: async () => {
      if (!read.terms) {
        throw new Problem('bad-value', wording.somethingIsStillMissing())
      }
      return quota
        ? answer(
            api.PUT('/api/quotas/{id}', {
              params: { path: { id: quota.id } },
              body: { version: quota.version, terms: read.terms },
            }),
          )
        : answer(api.POST('/api/quotas', { body: { id, terms: read.terms } }))
    },
    onSuccess: async (made) => {
      kept.forget()
      say(quota ? wording.theTermsAreChanged() : wording.promisedTodayAsksForItNow())
      await refreshAll(client)
      navigate(`/quotas/${made.id}`)
    },
  })
  return (
    <form
      ref={form}
      className={TWO_LEAVES}
      onSubmit={(event) => {
        event.preventDefault()
        write.mutate()
      }}
    >
      <Leaf aria-labelledby="promise">
        <h1 id="promise">{quota ? wording.changeTheTerms() : wording.aPromise()}</h1>
        <CameBack kept={kept} />
        <TermsForm
          draft={draft}
          errors={read.errors}
          refused={[write.error, refused].find((error) => error instanceof Problem)}
          onChange={setDraft}
        />
      </Leaf>
      <Leaf second ref={section} aria-labelledby="answer">
        <h1 id="answer">{wording.canItBeDone()}</h1>
        <Answer
          terms={read.terms}
          sheet={sheet}
          refused={refused}
          keep={quota ? wording.changeIt() : wording.promiseIt()}
          error={write.error}
          fields={Object.keys(draft)}
          pending={write.isPending}
          onTake={take}
          onLeave={() => {
            kept.forget()
            navigate(quota ? `/quotas/${quota.id}` : '/quotas')
          }}
        />
      </Leaf>
      {sheet && read.terms && (
        // On a narrow page the answer is a long way down; its first sentence goes along while one types.
        <button
          type="button"
          tabIndex={-1}
          aria-hidden
          onClick={() => section.current?.scrollIntoView()}
          className={`wide:hidden bg-paper border-hairline sticky bottom-(--tabs) min-h-11 border-t px-4 text-left font-serif ${fitsIn(sheet) ? '' : 'text-sanguine'}`}
        >
          {canBeDone(sheet, read.terms, format)}
        </button>
      )}
    </form>
  )
}
