import { useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import { queries } from '../../api/queries'
import { CABINET, cabinetPicture, useCabinetKinds, type UnderWay } from '../../shared/sitting/cabinet'
import { Button, LINE_LINK } from '../../ui/Button'
import { Options } from '../../ui/Choices'
import { SelectField } from '../../ui/Field'
import type { Built } from './built'
import type { LadderPart } from './LadderForm'
import type { Begun, Plan } from './text'
import { useLadder } from './useLadder'
import { wording } from './wording'

/** Where the references come from, and three of them from the cabinet. */
export function References({ built, set, plan }: LadderPart & { plan: Plan | undefined }) {
  const parts = useLadder(built.kind === 'PARTS_ONLY' ? plan : undefined).data?.rungs ?? []
  const { viewsOf, emphasesOf } = useCabinetKinds()
  const folder = useQuery(queries.pictureFolder()).data
  const sets = useQuery(queries.referenceSets()).data?.filter((s) => !s.fields.cabinet) ?? []
  const search = useSearchParams()[0].toString()
  return (
    <fieldset className="mt-6">
      <legend className="font-serif text-xl">{wording.references()}</legend>
      <div className="grid grid-cols-2 gap-x-6 gap-y-3">
        <SelectField
          label={wording.from()}
          value={built.references}
          onChange={(e) => set({ references: e.target.value as Begun['references'] })}
        >
          <option value="NONE">{wording.whatStandsBeforeYou()}</option>
          <option value="CABINET">{wording.theReferenceCabinet()}</option>
          <option value="FOLDER" disabled={!folder || folder.pictures === 0}>
            {wording.yourOwnFolderFolder({
              folder: folder ? wording.pictures({ pictures: folder.pictures }) : '',
            })}
          </option>
        </SelectField>
        {built.references === 'FOLDER' && sets.length > 0 && (
          <SelectField
            label={wording.whichOfThem()}
            value={built.referenceSet}
            onChange={(e) => set({ referenceSet: e.target.value })}
          >
            <option value="">{wording.allOfTheFolder()}</option>
            {sets.map((s) => (
              <option key={s.id} value={s.id}>
                {wording.nameUnusedOfThereNotUsed({ name: s.fields.name, unused: s.unused, there: s.there })}
              </option>
            ))}
          </SelectField>
        )}
        {built.references === 'CABINET' && (
          <>
            <SelectField
              label={built.kind === 'PARTS_ONLY' ? wording.showForOtherParts() : wording.show()}
              hint={built.kind === 'PARTS_ONLY' ? wording.handsFeetTorsoAndHeadHave() : ''}
              value={built.cabinet}
              onChange={(e) => {
                const cabinet = e.target.value as Built['cabinet']
                set({
                  cabinet,
                  view: built.view in viewsOf(cabinet) ? built.view : 'ANY',
                  emphasis: built.emphasis in emphasesOf(cabinet) ? built.emphasis : 'ANY',
                })
              }}
            >
              <Options of={CABINET} />
            </SelectField>
            <SelectField
              label={wording.askedFor()}
              value={built.emphasis}
              onChange={(e) => set({ emphasis: e.target.value as Built['emphasis'] })}
            >
              <Options of={emphasesOf(built.cabinet)} />
            </SelectField>
            <SelectField
              label={wording.seen()}
              value={built.view}
              onChange={(e) => set({ view: e.target.value as Built['view'] })}
            >
              <Options of={viewsOf(built.cabinet)} />
            </SelectField>
          </>
        )}
      </div>
      {built.references === 'CABINET' && (
        <div className="mt-3 flex flex-wrap items-end gap-4">
          {[0, 1, 2].map((i) => (
            <img
              key={i}
              src={cabinetPicture(built.seed + i, {
                kind: parts[i]?.cabinet ?? built.cabinet,
                emphasis: built.emphasis,
                view: built.view,
              })}
              alt=""
              className="plate border-hairline size-28 border"
            />
          ))}
          <Button onClick={() => set({ seed: Math.floor(Math.random() * 1e9) })}>{wording.others()}</Button>
          <Link
            to={`/cabinet?kind=${built.cabinet}&emphasis=${built.emphasis}&view=${built.view}&seed=${built.seed}`}
            state={{ search } satisfies UnderWay}
            onClick={() => set({})}
            className={LINE_LINK}
          >
            {wording.lookIntoTheCabinet()}
          </Link>
        </div>
      )}
      {folder && folder.path === '' && (
        <p className="text-faded mt-2">
          {wording.aFolderOfYourOwnPictures()}{' '}
          <Link to="/settings" className="underline">
            {wording.settings()}
          </Link>
          .
        </p>
      )}
    </fieldset>
  )
}
