import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { ArrowUp, X } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { useFormats } from '../../ui/locale'
import { Button, LINE_LINK } from '../../ui/Button'
import { FileButton } from '../../ui/FileButton'
import { Field, TextField } from '../../ui/Field'
import { IconButton } from '../../ui/IconButton'
import { useNotice } from '../../ui/Notices'
import { Sheet } from '../../ui/Sheet'
import { SheetEnd } from '../../ui/SheetEnd'
import { textOf } from '../../ui/text-of'
import { moved } from '../../ui/lists'
import { BOUNDS } from '../../api/generated/bounds'
import { Check } from '../../ui/Check'
import { beginPrompt } from '../../shared/begin'
import { PromptPage } from './PromptPage'
import type { Quota } from './text'
import { useQuotas } from '../../shared/useQuotas'

type Prompt = Schemas['PromptView']

const fresh = (words: string): Prompt => ({
  id: crypto.randomUUID(),
  words,
  chosen: true,
  doneOn: null,
  developed: false,
})

/** The prompts of a list: picked, ordered, ticked, taken further; brought in, written or made. */
export function Prompts({ quota, today }: { quota: Quota; today: string }) {
  const format = useFormats()
  const { putPrompts, orderPrompts, removePrompt } = useQuotas()
  const [own, setOwn] = useState('')
  const [bringing, setBringing] = useState(false)
  const list = quota.prompts
  const put = (...prompts: Prompt[]) => putPrompts.mutate({ quota, list: prompts })
  const add = (...words: string[]) => putPrompts.mutateAsync({ quota, list: words.map(fresh) })
  const earlier = (i: number) =>
    orderPrompts.mutate({ quota, ids: moved(list, i, i - 1).map((prompt) => prompt.id) })
  const picked = list.filter((p) => p.chosen).length
  return (
    <section aria-labelledby="prompts" className="mt-5">
      <h2 id="prompts">Prompts</h2>
      <p className="text-faded">
        {list.length === 0
          ? 'None yet. Bring a list, write one, or let three lists of words make some.'
          : `${picked} picked of ${list.length}; ${quota.terms.count} promised.`}
      </p>
      <ol>
        {list.map((prompt, i) => (
          <li key={prompt.id} className="border-hairline flex flex-wrap items-center gap-x-4 border-t py-1">
            <div className="min-w-[min(14rem,100%)] flex-1">
              <Check
                checked={prompt.doneOn != null}
                onChange={(e) => put({ ...prompt, doneOn: e.target.checked ? today : null })}
              >
                <span className={prompt.chosen ? 'font-serif text-lg' : 'text-faded font-serif text-lg'}>
                  {prompt.words}
                  {prompt.doneOn && (
                    <span className="text-faded font-sans text-base whitespace-nowrap">
                      {' '}
                      {format.dayMonth(prompt.doneOn)}
                    </span>
                  )}
                </span>
              </Check>
            </div>
            <div className="ml-auto flex flex-wrap items-center gap-x-4">
              {prompt.chosen && !prompt.doneOn && (
                <Link
                  to={beginPrompt(quota.terms, quota.secondsEach, prompt)}
                  className={LINE_LINK}
                  aria-label={`Begin ${prompt.words}`}
                >
                  Begin
                </Link>
              )}
              {prompt.doneOn ? (
                <Button
                  look="quiet"
                  aria-pressed={prompt.developed}
                  onClick={() => put({ ...prompt, developed: !prompt.developed })}
                >
                  {prompt.developed ? 'worked on further' : 'Work on it further'}
                </Button>
              ) : (
                <Button
                  look="quiet"
                  aria-pressed={prompt.chosen}
                  aria-label={`${prompt.chosen ? 'Leave out' : 'Pick'} ${prompt.words}`}
                  onClick={() => put({ ...prompt, chosen: !prompt.chosen })}
                >
                  {prompt.chosen ? 'Leave out' : 'Pick'}
                </Button>
              )}
              <span className="text-faded flex">
                <IconButton
                  icon={ArrowUp}
                  label={`${prompt.words} earlier`}
                  disabled={i === 0}
                  onClick={() => earlier(i)}
                />
                <IconButton
                  icon={X}
                  label={`Remove ${prompt.words}`}
                  onClick={() => removePrompt.mutate({ quota, prompt })}
                />
              </span>
            </div>
            {prompt.developed && <PromptPage prompt={prompt.id} />}
          </li>
        ))}
      </ol>
      <form
        className="mt-3 flex items-end gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          const words = own.trim()
          if (words) {
            const emptied = () => setOwn((now) => (now.trim() === words ? '' : now))
            putPrompts.mutate({ quota, list: [fresh(words)] }, { onSuccess: emptied })
          }
        }}
      >
        <div className="flex-1">
          <Field
            label="A prompt of your own"
            maxLength={BOUNDS.PromptView.words.maxLength}
            value={own}
            onChange={(e) => setOwn(e.target.value)}
          />
        </div>
        <Button type="submit">Add</Button>
        <Button onClick={() => setBringing(true)}>Bring a list</Button>
      </form>
      <Maker onKeep={(words) => put(fresh(words))} />
      {bringing && <Bring onClose={() => setBringing(false)} onAdd={(words) => add(...words)} />}
    </section>
  )
}

/** Prompts from a text or a file: one a line, or the first column of CSV. The text stays until they are kept. */
function Bring({ onClose, onAdd }: { onClose: () => void; onAdd: (words: string[]) => Promise<unknown> }) {
  const [text, setText] = useState('')
  const load = useMutation({ mutationFn: textOf, onSuccess: setText })
  const add = useMutation({
    mutationFn: async () => {
      const { prompts } = await answer(api.POST('/api/quotas/prompts/read', { body: { text } }))
      return onAdd(prompts)
    },
    onSuccess: onClose,
  })
  return (
    <Sheet
      open
      onClose={onClose}
      title="Bring a list of prompts"
      description="One a line, or CSV: its first column is taken."
    >
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          load.reset()
          add.mutate()
        }}
      >
        <div>
          <FileButton
            accept=".txt,.csv,text/plain,text/csv"
            label="A file of prompts"
            onFiles={([file]) => load.mutate(file)}
          >
            From a file
          </FileButton>
        </div>
        <TextField label="Prompts" rows={8} value={text} onChange={(e) => setText(e.target.value)} />
        <SheetEnd
          error={load.error ?? add.error}
          keep="Add them"
          disabled={text.trim() === '' || add.isPending}
        />
      </form>
    </Sheet>
  )
}

/** One word from each of three lists; any of them can be drawn anew. */
function Maker({ onKeep }: { onKeep: (words: string) => void }) {
  const [seed, setSeed] = useState(() => Math.floor(Math.random() * 1e9))
  const [rerolls, setRerolls] = useState([0, 0, 0])
  const [editing, setEditing] = useState(false)
  const words =
    useQuery({
      queryKey: ['prompt', seed, rerolls],
      queryFn: () => answer(api.POST('/api/quotas/prompts/make', { body: { seed, rerolls } })),
      placeholderData: (last) => last,
    }).data?.prompts ?? []
  return (
    <div className="mt-4">
      <h3>Made from three lists</h3>
      <p className="flex flex-wrap items-baseline gap-x-3 font-serif text-xl">
        {words.map((word, i) => (
          <button
            key={i}
            type="button"
            className="hover:text-faded decoration-hairline min-h-8 underline underline-offset-4 pointer-coarse:min-h-11"
            aria-label={`Another word for ${word}`}
            onClick={() => setRerolls(rerolls.map((r, j) => (i === j ? r + 1 : r)))}
          >
            {word}
          </button>
        ))}
      </p>
      <p className="text-faded">Press a word for another one.</p>
      <div className="flex flex-wrap gap-x-6">
        <Button disabled={words.length === 0} onClick={() => onKeep(words.join(', '))}>
          Keep as a prompt
        </Button>
        <Button
          onClick={() => {
            setSeed(Math.floor(Math.random() * 1e9))
            setRerolls([0, 0, 0])
          }}
        >
          All three anew
        </Button>
        <Button onClick={() => setEditing(true)}>The three lists</Button>
      </div>
      {editing && <Words onClose={() => setEditing(false)} />}
    </div>
  )
}

function Words({ onClose }: { onClose: () => void }) {
  const lists = useQuery(queries.promptWords()).data
  return (
    <Sheet open onClose={onClose} title="The three lists" description="One word or a few a line.">
      {lists && <WordsForm lists={lists} onClose={onClose} />}
    </Sheet>
  )
}

function WordsForm({ lists, onClose }: { lists: Schemas['Lists']; onClose: () => void }) {
  const client = useQueryClient()
  const say = useNotice()
  const [typed, setTyped] = useState({
    subjects: lists.subjects.join('\n'),
    things: lists.things.join('\n'),
    actions: lists.actions.join('\n'),
  })
  const lines = (text: string) =>
    text
      .split('\n')
      .map((line) => line.trim())
      .filter(Boolean)
  const write = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/quotas/prompts/words', {
          body: {
            subjects: lines(typed.subjects),
            things: lines(typed.things),
            actions: lines(typed.actions),
          },
        }),
      ),
    onSuccess: () => {
      say('The lists are kept.')
      onClose()
      return refreshAll(client)
    },
  })
  const field = (key: keyof typeof typed, label: string) => (
    <TextField
      label={label}
      rows={10}
      value={typed[key]}
      onChange={(e) => setTyped({ ...typed, [key]: e.target.value })}
    />
  )
  return (
    <form
      className="grid gap-4 sm:grid-cols-3"
      onSubmit={(event) => {
        event.preventDefault()
        write.mutate()
      }}
    >
      {field('subjects', 'Who')}
      {field('things', 'With what')}
      {field('actions', 'Does what')}
      <SheetEnd error={write.error} disabled={write.isPending} />
    </form>
  )
}
