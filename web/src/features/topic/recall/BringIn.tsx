import { Link } from 'react-router'
import { LINE_LINK } from '../../../ui/Button'
import { FileButton } from '../../../ui/FileButton'
import { useOwn } from './useOwn'

/** Ways to a plate of one's own: made here, or brought in as files. */
export function BringIn() {
  const { bringIn } = useOwn()
  return (
    <p className="mt-5 flex flex-wrap items-baseline gap-x-5">
      <Link to="/recall/own/plates/new" className={LINE_LINK}>
        Make a plate of your own
      </Link>
      <FileButton
        multiple
        accept=".yaml,.yml,.json,.svg,image/*"
        label="Files of a plate: its YAML and its picture; or the YAML of an order"
        disabled={bringIn.isPending}
        onFiles={(files) => bringIn.mutate(files)}
      >
        Bring in files
      </FileButton>
    </p>
  )
}
