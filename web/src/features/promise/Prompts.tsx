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
import { textOf } from '../../shared/file/textOf'
import { moved } from '../../ui/lists'
import { BOUNDS } from '../../api/generated/bounds'
import { Check } from '../../ui/Check'
import { beginPrompt } from '../../shared/begin'
import { PromptPage } from './PromptPage'
import type { Quota } from './text'
import { useQuotas } from '../../shared/useQuotas'
import { wording } from './wording'

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
      <h2 id="prompts">{wording.prompts()}</h2>
      <p className="text-faded">
        {list.length === 0
          ? wording.noneYetBringAListWrite()
          : wording.pickedPickedOfListCountPromised({ picked, list: list.length, count: quota.terms.count })}
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
                  aria-label={wording.beginWords({ words: prompt.words })}
                >
                  {wording.begin()}
                </Link>
              )}
              {prompt.doneOn ? (
                <Button
                  look="quiet"
                  aria-pressed={prompt.developed}
                  onClick={() => put({ ...prompt, developed: !prompt.developed })}
                >
                  {prompt.developed ? wording.workedOnFurther() : wording.workOnItFurther()}
                </Button>
              ) : (
                <Button
                  look="quiet"
                  aria-pressed={prompt.chosen}
                  aria-label={`${prompt.chosen ? wording.leaveOut() : wording.pick()} ${prompt.words}`}
                  onClick={() => put({ ...prompt, chosen: !prompt.chosen })}
                >
                  {prompt.chosen ? wording.leaveOut() : wording.pick()}
                </Button>
              )}
              <span className="text-faded flex">
                <IconButton
                  icon={ArrowUp}
                  label={wording.wordsEarlier({ words: prompt.words })}
                  disabled={i === 0}
                  onClick={() => earlier(i)}
                />
                <IconButton
                  icon={X}
                  label={wording.removeWords({ words: prompt.words })}
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
            label={wording.aPromptOfYourOwn()}
            maxLength={BOUNDS.PromptView.words.maxLength}
            value={own}
            onChange={(e) => setOwn(e.target.value)}
          />
        </div>
        <Button type="submit">{wording.add()}</Button>
        <Button onClick={() => setBringing(true)}>{wording.bringAList()}</Button>
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
      title={wording.bringAListOfPrompts()}
      description={wording.oneALineOrCsvIts()}
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
            label={wording.aFileOfPrompts()}
            onFiles={([file]) => load.mutate(file)}
          >
            {wording.fromAFile()}
          </FileButton>
        </div>
        <TextField
          label={wording.prompts()}
          rows={8}
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
        <SheetEnd
          error={load.error ?? add.error}
          keep={wording.addThem()}
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
      <h3>{wording.madeFromThreeLists()}</h3>
      <p className="flex flex-wrap items-baseline gap-x-3 font-serif text-xl">
        {words.map((word, i) => (
          <button
            key={i}
            type="button"
            className="hover:text-faded decoration-hairline min-h-8 underline underline-offset-4 pointer-coarse:min-h-11"
            aria-label={wording.anotherWordForWord({ word })}
            onClick={() => setRerolls(rerolls.map((r, j) => (i === j ? r + 1 : r)))}
          >
            {word}
          </button>
        ))}
      </p>
      <p className="text-faded">{wording.pressAWordForAnotherOne()}</p>
      <div className="flex flex-wrap gap-x-6">
        <Button disabled={words.length === 0} onClick={() => onKeep(words.join(', '))}>
          {wording.keepAsAPrompt()}
        </Button>
        <Button
          onClick={() => {
            setSeed(Math.floor(Math.random() * 1e9))
            setRerolls([0, 0, 0])
          }}
        >
          {wording.allThreeAnew()}
        </Button>
        <Button onClick={() => setEditing(true)}>{wording.theThreeLists()}</Button>
      </div>
      {editing && <Words onClose={() => setEditing(false)} />}
    </div>
  )
}

function Words({ onClose }: { onClose: () => void }) {
  const lists = useQuery(queries.promptWords()).data
  return (
    <Sheet open onClose={onClose} title={wording.theThreeLists()} description={wording.oneWordOrAFewA()}>
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
      say(wording.theListsAreKept())
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
      {field('subjects', wording.who())}
      {field('things', wording.withWhat())}
      {field('actions', wording.doesWhat())}
      <SheetEnd error={write.error} disabled={write.isPending} />
    </form>
  )
}
