import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../../api/queries'
import { PutIn } from '../picture/PutIn'
import { pictureAt, placePicture } from '../pictures'
import { wording } from './wording'

/** From an entry to its page: the way there, and its picture where it has one. */
export function PageLink({ book, number, onGo }: { book: string; number: number; onGo: () => void }) {
  const id = useQuery(queries.books()).data?.find((b) => b.name === book)?.id
  return id ? <Known id={id} book={book} number={number} onGo={onGo} /> : null
}

function Known({ id, book, number, onGo }: { id: string; book: string; number: number; onGo: () => void }) {
  const page = useQuery(queries.page(id, number)).data
  const own = page?.pictures[0]
  return (
    <>
      <Link
        to={`/books/${id}/${number}`}
        onClick={onGo}
        className="inline-flex min-h-8 items-center gap-3 font-medium underline underline-offset-4"
      >
        {own && (
          <img
            src={`${pictureAt(own.id, 'SMALL')}?v=${own.version}`}
            alt=""
            className="plate border-hairline h-16 border object-contain"
          />
        )}
        {wording.seePNumberOfBook({ number, book })}
      </Link>
      {page && !own && (
        <PutIn
          folder={false}
          label={wording.putInAPictureOfIt()}
          then={(picture) => placePicture(picture.id, id, number)}
        />
      )}
    </>
  )
}
