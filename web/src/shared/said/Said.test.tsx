import { render, screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { Locale } from '../../ui/locale'
import { phrase } from './phrases'
import { Said } from './Said'

test('a message within another stands in the middle of its sentence, a day as it is typed', () => {
  const why = { code: 'book.closedBeforeOpened', arguments: { closed: '2026-03-08' } }
  render(
    <Locale.Provider value="de">
      <Said message={{ code: 'ground.notKept', arguments: { why } }} />
    </Locale.Provider>,
  )
  expect(
    screen.getByText('Not kept: a book is closed on the day it was opened or later, not on 08.03.2026.'),
  ).toBeInTheDocument()
})

test('a part of a sentence that stands alone begins with a capital letter', () => {
  const text = { code: 'book.pictureCutOff', arguments: {} }
  expect(phrase(text)).toBe('is cut off')
  expect(phrase({ code: 'ground.sentence', arguments: { text } })).toBe('Is cut off.')
})

test('what someone wrote stays as it is', () => {
  const text = '{braces} and "quotes"'
  expect(phrase({ code: 'ground.asWritten', arguments: { text } })).toBe(text)
})

test('a message that this page has no words for is told by its code', () => {
  expect(phrase({ code: 'book.ofLater', arguments: {} })).toBe('book.ofLater')
})
