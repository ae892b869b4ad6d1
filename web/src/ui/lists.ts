import { wording } from './wording'

const pieces = (text: string, between: string): string[] =>
  text
    .split(between)
    .map((piece) => piece.trim())
    .filter(Boolean)

/** What stands between commas, without the empty pieces. */
export const listed = (text: string): string[] => pieces(text, ',')

/** What stands on each line, without the empty ones; for what may hold commas itself. */
export const lines = (text: string): string[] => pieces(text, '\n')

/** In words: "a", "a and b", "a, b and c". */
export const enumerated = (items: string[]): string =>
  items.length < 2
    ? items.join('')
    : wording.allAndLast({ all: items.slice(0, -1).join(', '), last: items.at(-1) ?? '' })

/** Puts the item at one place to another. */
export function moved<T>(items: T[], from: number, to: number): T[] {
  const next = [...items]
  const [item] = next.splice(from, 1)
  if (item !== undefined) {
    next.splice(to, 0, item)
  }
  return next
}
