import { Link } from 'react-router'
import { LINE_LINK } from '../../../ui/Button'
import { FileButton } from '../../../ui/FileButton'
import { useOwn } from './useOwn'
import { wording } from '../wording'

/** Ways to a plate of one's own: made here, or brought in as files. */
export function BringIn() {
  const { bringIn } = useOwn()
  return (
    <p className="mt-5 flex flex-wrap items-baseline gap-x-5">
      <Link to="/recall/own/plates/new" className={LINE_LINK}>
        {wording.makeAPlateOfYourOwn()}
      </Link>
      <FileButton
        multiple
        accept=".yaml,.yml,.json,.svg,image/*"
        label={wording.filesOfAPlateItsYaml()}
        disabled={bringIn.isPending}
        onFiles={(files) => bringIn.mutate(files)}
      >
        {wording.bringInFiles()}
      </FileButton>
    </p>
  )
}
