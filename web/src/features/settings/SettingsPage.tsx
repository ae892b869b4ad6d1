import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { FormProvider, useForm } from 'react-hook-form'
import { answer, api, Problem, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { useNotice } from '../../ui/Notices'
import { Waiting } from '../../ui/Waiting'
import { AppointmentsSection } from './AppointmentsSection'
import { SittingSection } from './SittingSection'
import { CountingSection } from './CountingSection'
import { DataSection } from './DataSection'
import { FeedSection } from './FeedSection'
import { PagesSection } from './PagesSection'
import { TimeSection } from './TimeSection'
import { WordsSection } from './WordsSection'
import { type SettingsForm, toForm, toSettings } from './form'

/** All settings on one page; one button saves them. */
export default function SettingsPage() {
  return (
    <div className="wide:px-8 px-4 py-6">
      <h1>Settings</h1>
      <Waiting query={useQuery(queries.settings())}>{(settings) => <Page settings={settings} />}</Waiting>
      <AppointmentsSection />
      <SittingSection />
      <FeedSection />
      <WordsSection />
      <DataSection />
    </div>
  )
}

function Page({ settings }: { settings: Schemas['Settings'] }) {
  const client = useQueryClient()
  const say = useNotice()
  const form = useForm<SettingsForm>({ defaultValues: toForm(settings) })
  const { isDirty, errors } = form.formState

  const save = useMutation({
    mutationFn: (wanted: Schemas['Settings']) => answer(api.PUT('/api/settings', { body: wanted })),
    onSuccess: async (stored) => {
      form.reset(toForm(stored))
      say('Settings saved.')
      await refreshAll(client)
    },
    onError: (error) => {
      const field = error instanceof Problem ? error.field : undefined
      if (field && Object.hasOwn(form.getValues(), field)) {
        form.setError(field as keyof SettingsForm, { message: error.message }, { shouldFocus: true })
      }
    },
  })

  useEffect(() => {
    const warn = (event: BeforeUnloadEvent) => isDirty && event.preventDefault()
    window.addEventListener('beforeunload', warn)
    return () => window.removeEventListener('beforeunload', warn)
  }, [isDirty])

  const stale = save.error instanceof Problem && save.error.code === 'stale' ? save.error : undefined
  const shown = save.error && !stale && Object.keys(errors).length === 0
  return (
    <FormProvider {...form}>
      <form
        noValidate
        onSubmit={form.handleSubmit((values) => save.mutate(toSettings(values, settings.version)))}
      >
        <TimeSection />
        <CountingSection />
        <PagesSection />
        {(isDirty || stale) && (
          <div className="floats bg-paper border-ink wide:bottom-4 sticky bottom-16 z-20 mt-6 flex flex-wrap items-center gap-5 border-t-2 px-3 py-2">
            <Button type="submit" look="ink" disabled={save.isPending}>
              Save the settings
            </Button>
            <Button
              onClick={() => {
                form.reset(toForm(settings))
                save.reset()
              }}
            >
              Undo the changes
            </Button>
            {stale && (
              <p role="alert" className="text-sanguine">
                These settings were changed in another window.{' '}
                <Button
                  onClick={() =>
                    save.mutate(toSettings(form.getValues(), (stale.current as Schemas['Settings']).version))
                  }
                >
                  Keep mine
                </Button>{' '}
                <Button
                  onClick={() => {
                    form.reset(toForm(stale.current as Schemas['Settings']))
                    save.reset()
                    void refreshAll(client)
                  }}
                >
                  Take the stored ones
                </Button>
              </p>
            )}
            {(shown || Object.keys(errors).length > 0) && (
              <p role="alert" className="text-sanguine">
                {shown ? save.error?.message : 'Not saved yet; see the marked field.'}
              </p>
            )}
          </div>
        )}
      </form>
    </FormProvider>
  )
}
