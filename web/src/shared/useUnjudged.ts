import { useQuery } from '@tanstack/react-query'
import { queries } from '../api/queries'

/** Whether nothing drawn in a book is to be judged, by the book's name. */
export function useUnjudged(book: string | null | undefined): boolean {
  const books = useQuery({ ...queries.books(), enabled: Boolean(book) }).data ?? []
  return books.some((b) => b.notJudged && b.name === book)
}
