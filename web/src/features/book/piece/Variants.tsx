import { useState } from 'react'
import { BOUNDS } from '../../../api/generated/bounds'
import { PutIn } from '../../../shared/picture/PutIn'
import { pictureAt } from '../../../shared/pictures'
import { Button } from '../../../ui/Button'
import { Field } from '../../../ui/Field'
import type { Piece, Stage } from './text'
import { usePiece } from './usePiece'
import { wording } from '../wording'

/** Pictures of a stage side by side; of several one can be chosen, with its reason. */
export function Variants({ piece, stage }: { piece: Piece; stage: Stage }) {
  const { changeStage } = usePiece(piece)
  const [adding, setAdding] = useState(false)
  const [arrived, setArrived] = useState<string[]>([])
  return (
    <>
      {stage.variants.length > 0 && (
        <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(8rem,1fr))] gap-3">
          {stage.variants.map((id, i) => (
            <li key={id} className={`border-2 p-1 ${stage.chosen === id ? 'border-ink' : 'border-hairline'}`}>
              <img
                src={pictureAt(id, 'SMALL')}
                alt={wording.nameChosen({ name: stage.name, chosen: stage.chosen === id, i: i + 1 })}
                loading="lazy"
                className="plate h-36 w-full object-contain"
              />
              <span className="flex justify-between gap-2">
                {stage.variants.length > 1 && (
                  <Button
                    look="quiet"
                    aria-pressed={stage.chosen === id}
                    onClick={() =>
                      changeStage(
                        stage.id,
                        { chosen: stage.chosen === id ? null : id },
                        stage.chosen === id ? wording.noneIsChosen() : wording.numberIIsChosen({ i: i + 1 }),
                      )
                    }
                  >
                    {stage.chosen === id ? wording.chosen() : wording.choose()}
                  </Button>
                )}
                <Button
                  look="quiet"
                  onClick={() =>
                    changeStage(
                      stage.id,
                      {
                        variants: stage.variants.filter((v) => v !== id),
                        chosen: stage.chosen === id ? null : (stage.chosen ?? null),
                      },
                      wording.offThisStageThePictureItself(),
                    )
                  }
                >
                  {wording.takeOff()}
                </Button>
              </span>
            </li>
          ))}
        </ul>
      )}
      {stage.chosen && <Reason key={stage.reason} piece={piece} stage={stage} />}
      {adding ? (
        <div className="mt-2">
          <PutIn
            label={wording.choosePicturesOfThisStage()}
            folder={false}
            then={(picture) => Promise.resolve(setArrived((ids) => [...ids, picture.id]))}
          />
          <Button
            disabled={arrived.length === 0}
            onClick={() => {
              changeStage(
                stage.id,
                { variants: [...new Set([...stage.variants, ...arrived])] },
                wording.theyLieWithThisStageAnd(),
              )
              setArrived([])
              setAdding(false)
            }}
          >
            {wording.layThemHere()}
          </Button>
        </div>
      ) : (
        <Button look="quiet" onClick={() => setAdding(true)}>
          {stage.variants.length > 0 ? wording.addPictures() : wording.addPicturesOneOrSeveralTo()}
        </Button>
      )}
    </>
  )
}

function Reason({ piece, stage }: { piece: Piece; stage: Stage }) {
  const { changeStage } = usePiece(piece)
  const [reason, setReason] = useState(stage.reason)
  return (
    <form
      className="mt-2 flex items-end gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        changeStage(stage.id, { reason }, wording.yourReasonIsKept())
      }}
    >
      <div className="flex-1">
        <Field
          label={wording.whyThisOne()}
          maxLength={BOUNDS.StageFields.reason.maxLength}
          value={reason}
          onChange={(e) => setReason(e.target.value)}
        />
      </div>
      <Button type="submit" disabled={reason === stage.reason}>
        {wording.keep()}
      </Button>
    </form>
  )
}
