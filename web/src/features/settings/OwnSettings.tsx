import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { FormProvider, useForm } from 'react-hook-form'
import { answer, api, Problem, type Schemas } from '../../api/client'
import { refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { useNotice } from '../../ui/Notices'
import { refusedFields } from '../../ui/Refused'
import { CountingSection } from './CountingSection'
import { type SettingsForm, toForm, toSettings } from './form'
import { PagesSection } from './PagesSection'
import { TimeSection } from './TimeSection'

/** When there is time, how days are counted, how pages look; one button saves it all. */
export function OwnSettings({ settings }: { settings: Schemas['Settings'] }) {
  const client = useQueryClient()
  const say = useNotice()
  const format = useFormats()
  const form = useForm<SettingsForm>({ defaultValues: toForm(settings, format) })
  const { isDirty, errors } = form.formState

  const save = useMutation({
    mutationFn: (wanted: Schemas['Settings']) => answer(api.PUT('/api/settings', { body: wanted })),
    onSuccess: async (stored) => {
      form.reset(toForm(stored, format))
      say('Settings saved.')
      await refreshAll(client)
    },
    onError: (error) => {
      const fields = Object.keys(form.getValues()) as (keyof SettingsForm)[]
      refusedFields(error, fields).forEach(([field, message], i) =>
        form.setError(field, { message }, { shouldFocus: i === 0 }),
      )
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
        onSubmit={form.handleSubmit((values) => save.mutate(toSettings(values, settings.version, format)))}
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
                form.reset(toForm(settings, format))
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
                    save.mutate(
                      toSettings(form.getValues(), (stale.current as Schemas['Settings']).version, format),
                    )
                  }
                >
                  Keep mine
                </Button>{' '}
                <Button
                  onClick={() => {
                    form.reset(toForm(stale.current as Schemas['Settings'], format))
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
