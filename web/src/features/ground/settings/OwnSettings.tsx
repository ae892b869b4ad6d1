import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { FormProvider, useForm } from 'react-hook-form'
import { answer, api, Problem, type Schemas } from '../../../api/client'
import { refreshAll } from '../../../api/queries'
import { Button } from '../../../ui/Button'
import { useFormats } from '../../../ui/locale'
import { useNotice } from '../../../ui/Notices'
import { refusedFields } from '../../../ui/Refused'
import { useKept } from '../../../ui/useKept'
import { CountingSection } from './CountingSection'
import { fromForm, refusedPlaces, toForm, type Kept, type SettingsForm } from './form'
import { PagesSection } from './PagesSection'
import { SittingSection } from './SittingSection'
import { TimeSection } from './TimeSection'
import { TopicsSection } from './TopicsSection'
import { WhatForSection } from './WhatForSection'
import { wording } from '../wording'

/** What was typed and not saved yet, on top of which version. */
type Waiting = { typed: SettingsForm; version: number }

/** All that is kept with one button; what was changed waits until then, whatever page is looked at. */
export function OwnSettings(stored: Kept) {
  const client = useQueryClient()
  const say = useNotice()
  const format = useFormats()
  const { value: waiting, set: keep, forget } = useKept<Waiting | undefined>('settings', undefined)
  const form = useForm<SettingsForm>({ defaultValues: toForm(stored, format) })
  const { isDirty, errors } = form.formState
  const version = waiting?.version ?? stored.settings.version

  const save = useMutation({
    mutationFn: async ({ settings, sittings }: Kept) => ({
      settings: await answer(api.PUT('/api/settings', { body: settings })),
      sittings: await answer(api.PUT('/api/sittings/settings', { body: sittings })),
    }),
    onSuccess: async (kept) => {
      forget()
      form.reset(toForm(kept, format))
      say(wording.settingsSaved())
      await refreshAll(client)
    },
    onError: (error) => {
      const places = refusedPlaces(form.getValues())
      refusedFields(error, [...places.keys()]).forEach(([field, message], i) => {
        const place = places.get(field)
        if (place) {
          form.setError(place, { message }, { shouldFocus: i === 0 })
        }
      })
    },
  })

  useEffect(() => {
    if (waiting) {
      form.reset(waiting.typed, { keepDefaultValues: true })
    }
    // What waited is laid over what is stored once, when the page is opened.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])

  const leaving = useRef(() => {})
  useEffect(() => {
    leaving.current = () => isDirty && keep({ typed: form.getValues(), version })
  })
  useEffect(() => () => leaving.current(), [])

  useEffect(() => {
    const warn = (event: BeforeUnloadEvent) => isDirty && event.preventDefault()
    window.addEventListener('beforeunload', warn)
    return () => window.removeEventListener('beforeunload', warn)
  }, [isDirty])

  const startOver = (from: Kept) => {
    forget()
    form.reset(toForm(from, format))
    save.reset()
  }
  const stale = save.error instanceof Problem && save.error.code === 'stale' ? save.error : undefined
  const shown = save.error && !stale && Object.keys(errors).length === 0
  return (
    <FormProvider {...form}>
      <form
        noValidate
        onSubmit={form.handleSubmit((values) => save.mutate(fromForm(values, version, format)))}
      >
        <WhatForSection />
        <TimeSection />
        <CountingSection />
        <TopicsSection />
        <SittingSection />
        <PagesSection />
        {(isDirty || stale) && (
          <div className="floats bg-paper border-ink wide:bottom-4 sticky bottom-[calc(var(--tabs)+1rem)] z-20 mt-6 flex flex-wrap items-center gap-5 border-t-2 px-3 py-2">
            <Button type="submit" look="ink" disabled={save.isPending}>
              {wording.saveTheSettings()}
            </Button>
            <Button onClick={() => startOver(stored)}>{wording.undoTheChanges()}</Button>
            {stale && (
              <p role="alert" className="text-sanguine">
                {wording.theseSettingsWereChangedInAnother()}{' '}
                <Button
                  onClick={() =>
                    save.mutate(
                      fromForm(form.getValues(), (stale.current as Schemas['Settings']).version, format),
                    )
                  }
                >
                  {wording.keepMine()}
                </Button>{' '}
                <Button
                  onClick={() => {
                    startOver({ ...stored, settings: stale.current as Schemas['Settings'] })
                    void refreshAll(client)
                  }}
                >
                  {wording.takeTheStoredOnes()}
                </Button>
              </p>
            )}
            {(shown || Object.keys(errors).length > 0) && (
              <p role="alert" className="text-sanguine">
                {shown ? save.error?.message : wording.notSavedYetSeeWhatIs()}
              </p>
            )}
          </div>
        )}
      </form>
    </FormProvider>
  )
}
