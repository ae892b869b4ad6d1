import { Link } from 'react-router'
import { LINE_LINK } from '../../../ui/Button'
import { platePicture } from './Picture'
import { wording } from '../wording'

/** A plate or an order as files, and its editor where it is one's own. */
export function Files({ id, kind, own }: { id: string; kind: 'plates' | 'orders'; own: boolean }) {
  return (
    <p className="no-print text-faded mt-5 flex flex-wrap gap-x-5">
      {own && (
        <Link to={`/recall/own/${kind}/${id}`} className={LINE_LINK}>
          {wording.changeIt()}
        </Link>
      )}
      <a href={`/api/recall/files/${id}`} download className={LINE_LINK}>
        {kind === 'plates' ? wording.itsNamesAsAFile() : wording.thisOrderAsAFile()}
      </a>
      {kind === 'plates' && (
        <a href={platePicture(id)} download={id} className={LINE_LINK}>
          {wording.itsPicture()}
        </a>
      )}
    </p>
  )
}
