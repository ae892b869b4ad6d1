import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { answer, api, type Schemas } from '../../../api/client'
import { BOUNDS } from '../../../api/generated/bounds'
import { queries, refreshAll } from '../../../api/queries'
import { NameField } from '../../../shared/NameField'
import { Button } from '../../../ui/Button'
import { Field, SelectField, TextField } from '../../../ui/Field'
import { useNotKept, useNotice } from '../../../ui/Notices'
import { Sheet } from '../../../ui/Sheet'
import { SheetEnd } from '../../../ui/SheetEnd'
import { StageList, type Planned } from './StageList'
import { TemplateFiles } from './TemplateFiles'
import type { Piece, Stage } from './text'
import { wording } from '../wording'

const begun = (planned: Planned): Stage => ({
  ...planned,
  id: crypto.randomUUID(),
  passed: false,
  answer: '',
  variants: [],
  reason: '',
})

const blank = () => begun({ name: '', gate: '' })

const EMPTY: Schemas['PieceFields'] = { title: '', about: '', ended: false, stages: [] }

/** A new piece from a template or from stages of one's own, or a piece told differently. */
export function PieceSheet({ piece, onClose }: { piece?: Piece; onClose: () => void }) {
  const client = useQueryClient()
  const navigate = useNavigate()
  const templates = useQuery(queries.pieceTemplates()).data ?? []
  const [id] = useState(() => piece?.id ?? crypto.randomUUID())
  const [fields, setFields] = useState(piece?.fields ?? { ...EMPTY, stages: [blank()] })
  const set = (some: Partial<Schemas['PieceFields']>) => setFields({ ...fields, ...some })
  const keep = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/pieces/{id}', {
          params: { path: { id } },
          body: {
            version: piece?.version ?? null,
            fields: {
              ...fields,
              topic: fields.topic?.trim() || null,
              medium: fields.medium?.trim() || null,
              book: fields.book?.trim() || null,
            },
          },
        }),
      ),
    onSuccess: () => {
      onClose()
      void navigate(`/pieces/${id}`)
      return refreshAll(client)
    },
  })
  return (
    <Sheet open onClose={onClose} title={piece ? piece.fields.title : wording.aNewPiece()} wide>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          keep.mutate()
        }}
      >
        <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
          <Field
            label={wording.title()}
            required
            maxLength={BOUNDS.PieceFields.title.maxLength}
            value={fields.title}
            onChange={(e) => set({ title: e.target.value })}
          />
          {!piece && (
            <SelectField
              label={wording.stagesFrom()}
              defaultValue=""
              onChange={(e) => {
                const chosen = templates[Number(e.target.value)]
                set({ stages: e.target.value && chosen ? chosen.stages.map(begun) : [blank()] })
              }}
            >
              <option value="">{wording.stagesOfMyOwn()}</option>
              {templates.map((t, i) => (
                <option key={t.id ?? t.name} value={i}>
                  {t.name}
                </option>
              ))}
            </SelectField>
          )}
          <NameField
            kind="TOPIC"
            label={wording.topicOfItsEntriesOrEmpty()}
            value={fields.topic ?? ''}
            onChange={(e) => set({ topic: e.target.value })}
          />
          <NameField
            kind="MEDIUM"
            label={wording.mediumOrEmpty()}
            value={fields.medium ?? ''}
            onChange={(e) => set({ medium: e.target.value })}
          />
          <NameField
            kind="BOOK"
            label={wording.bookOrEmpty()}
            value={fields.book ?? ''}
            onChange={(e) => set({ book: e.target.value })}
          />
        </div>
        <TextField
          label={wording.whatItIsOfAndFrom()}
          maxLength={BOUNDS.PieceFields.about.maxLength}
          value={fields.about}
          onChange={(e) => set({ about: e.target.value })}
        />
        <StageList stages={fields.stages} blank={blank} onChange={(stages) => set({ stages })} />
        <AsTemplate title={fields.title} stages={fields.stages} />
        <TemplateFiles />
        <SheetEnd
          error={keep.error}
          fields={['title', 'stages']}
          keep={piece ? wording.keepIt() : wording.beginIt()}
          disabled={!fields.title.trim() || fields.stages.some((s) => !s.name.trim()) || keep.isPending}
        />
      </form>
    </Sheet>
  )
}

/** The stages as they stand, kept as a template of one's own. */
function AsTemplate({ title, stages }: { title: string; stages: Planned[] }) {
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const keep = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/piece-templates/{id}', {
          params: { path: { id: crypto.randomUUID() } },
          body: {
            file: JSON.stringify({
              format: 1,
              name: title.trim(),
              stages: stages.map(({ name, gate }) => (gate.trim() ? { name, gate } : { name })),
            }),
          },
        }),
      ),
    onSuccess: (kept) => {
      say(wording.nameIsKeptAmongTheTemplates({ name: kept.name }))
      return client.invalidateQueries(queries.pieceTemplates())
    },
    onError: notKept,
  })
  return (
    <p>
      <Button
        look="quiet"
        disabled={!title.trim() || stages.some((s) => !s.name.trim()) || keep.isPending}
        onClick={() => keep.mutate()}
      >
        {wording.keepTheseStagesAsATemplate()}
      </Button>
    </p>
  )
}
