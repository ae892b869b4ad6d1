import { useMutation } from '@tanstack/react-query'
import { answer, api } from '../../../api/client'
import { sendPicture } from '../../../shared/pictures'
import { FileButton } from '../../../ui/FileButton'
import { useNotice } from '../../../ui/Notices'
import { textOf } from '../../../shared/file/textOf'
import { Refused } from '../../../ui/Refused'
import type { TypedPlate } from './ownPlate'
import { wording } from '../wording'

/** Chooses the picture of a plate: a drawing in SVG, or any picture that pages take. */
export function PictureChoice({
  has,
  onChoose,
}: {
  has: boolean
  onChoose: (chosen: Pick<TypedPlate, 'picture' | 'svg'>) => void
}) {
  const say = useNotice()
  const choose = useMutation({
    mutationFn: async (file: File) => {
      if (!/\.svg$/i.test(file.name)) {
        return { picture: (await sendPicture(file)).picture.id }
      }
      const svg = await textOf(file)
      const cleaned = await answer(api.POST('/api/recall/cleaned', { body: { svg } }))
      if (cleaned.leftOut.length > 0) {
        say(wording.leftOutOfTheDrawingJoin({ join: cleaned.leftOut.join(', ') }))
      }
      return { svg: cleaned.svg }
    },
    onSuccess: onChoose,
  })
  return (
    <div>
      <FileButton
        accept=".svg,image/*"
        label={wording.aPictureForThePlate()}
        disabled={choose.isPending}
        onFiles={([file]) => choose.mutate(file)}
      >
        {has ? wording.chooseAnotherPicture() : wording.chooseAPicture()}
      </FileButton>
      {!has && (
        <p className="text-faded mt-2 max-w-prose">
          {wording.svgPngJpegOrWebPA()} <i>{wording.makeItAPlate()}</i> {wording.there()}
        </p>
      )}
      <Refused error={choose.error} className="mt-2" />
    </div>
  )
}
