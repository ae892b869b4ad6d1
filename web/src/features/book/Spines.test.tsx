import { render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { expect, test } from 'vitest'
import { Spines } from './Spines'
import type { BookLine } from './text'

const book = (more: Partial<BookLine>): BookLine => ({
  id: 'b',
  name: 'Harbour',
  binding: 'BOUND',
  pages: 1,
  filledShare: 0.25,
  keptPrivate: false,
  notJudged: false,
  inUse: true,
  removed: false,
  ...more,
})

test.each([
  [{}, 'Harbour, 25 % filled'],
  [{ filledShare: null }, 'Harbour, leaves not counted'],
  [{ filledShare: null, binding: 'LOOSE', closed: '2026-03-05' }, 'Harbour, loose sheets, closed'],
] as [Partial<BookLine>, string][])('%o is called %s', (more, name) => {
  render(
    <MemoryRouter>
      <Spines books={[book(more)]} shown={undefined} />
    </MemoryRouter>,
  )
  expect(screen.getByRole('link')).toHaveAccessibleName(name)
  expect(screen.getByRole('link').querySelectorAll('path.fill-ink')).toHaveLength(
    more.filledShare === null ? 0 : 1,
  )
})
