import { render, screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { formats, Locale, useFormats, type Formats } from './locale'

function Shown({ of }: { of: (format: Formats) => string }) {
  return <p data-testid="shown">{of(useFormats())}</p>
}

function shown(locale: string, of: (format: Formats) => string) {
  const { unmount } = render(
    <Locale value={locale}>
      <Shown of={of} />
    </Locale>,
  )
  const text = screen.getByTestId('shown').textContent
  unmount()
  return text
}

// Month and weekday names: Unicode CLDR, as every browser has them.
test.each([
  ['en-GB', 'Thursday 5 March'],
  ['de', 'Donnerstag, 5. März'],
  ['fr', 'jeudi 5 mars'],
])('a day is written as in %s', (locale, text) => {
  expect(shown(locale, (f) => f.longDay('2026-03-05'))).toBe(text)
})

// CLDR writes "3. Dez." in German; a sentence that ends with it would end with two full stops.
test('a date at the end of a sentence brings no second full stop', () => {
  expect(shown('de', (f) => `Reached by ${f.dayMonth('2026-12-03')}.`)).toBe('Reached by 3. Dez.')
  expect(shown('de', (f) => f.span('2026-12-01', '2026-12-03'))).toMatch(/[^.]$/)
})

test('a date is the day it names', () => {
  expect(shown('en-GB', (f) => f.dayMonthYear('2026-01-01'))).toBe('1 January 2026')
  expect(shown('en-GB', (f) => f.dayMonthYear('2025-12-31'))).toBe('31 December 2025')
})

// By CLDR these languages count years from elsewhere (2569, 1405) or write other figures; a day that is read in one way
// and typed in another would be two days.
test.each(['th', 'fa', 'ar-EG', 'ja-u-ca-japanese'])(
  'a day is shown in %s by the figures it is typed in',
  (locale) => {
    expect(shown(locale, (f) => f.dayMonthYear('2026-11-30'))).toMatch(/\b2026\b/)
    expect(shown(locale, (f) => f.fromTo('2026-11-30', '2026-12-02'))).toMatch(/\b30\b/)
    expect(shown(locale, (f) => f.number(1234))).toMatch(/^1\D?234$/)
    expect(shown(locale, (f) => f.readDay(f.writeDay('2026-11-30')) ?? '')).toBe('2026-11-30')
    expect(shown(locale, (f) => String(f.readNumber(f.writeNumber(2.5))))).toBe('2.5')
  },
)

test('a sentence of the program names days as they are typed, and what it quotes as it was written', () => {
  const said = (text: string) => shown('de', (f) => f.sentence(text))
  expect(said('The pause ends on 2026-03-08, before it begins on 2026-03-10.')).toBe(
    'The pause ends on 08.03.2026, before it begins on 10.03.2026.',
  )
  for (const asItStands of [
    'There is "boats of 2026-03-08" already.',
    'quill-0002-2026-03-06-1000.zip is damaged.',
    '2026-02-30 is no day.',
  ]) {
    expect(said(asItStands)).toBe(asItStands)
  }
})

test.each([
  [0, '0 min'],
  [59, '59 min'],
  [60, '1 h'],
  [61, '1 h 1 min'],
  [1439, '23 h 59 min'],
  [60_000, '1,000 h'],
])('%d minutes are %s', (minutes, text) => {
  expect(shown('en', (f) => f.minutes(minutes))).toBe(text)
})

test.each([
  [30, '30 s'],
  [60, '1 min'],
  [90, '90 s'],
  [120, '2 min'],
  [150, '2.5 min'],
  [1200, '20 min'],
])('%d seconds each are %s', (seconds, text) => {
  expect(shown('en', (f) => f.each(seconds))).toBe(text)
})

test('numbers have the marks of the place', () => {
  expect(shown('de', (f) => f.number(1234.5))).toBe('1.234,5')
  expect(shown('en', (f) => f.number(1234.5))).toBe('1,234.5')
})

test('a stretch of days names its month once', () => {
  expect(shown('en-GB', (f) => f.range('2026-03-02', '2026-03-08'))).toMatch(/^2\s*–\s*8 March$/)
})

test('a stretch of days has years, a single day stands by itself', () => {
  expect(formats('en-GB').fromTo('2025-11-03', '2026-02-01')).toBe('3 November 2025 to 1 February 2026')
  expect(formats('en-GB').fromTo('2026-02-01', '2026-02-01')).toBe('1 February 2026')
  expect(formats('en-GB').span('2026-12-04', '2026-12-31')).toMatch(/^4\s?–\s?31 Dec 2026$/)
  expect(formats('en-GB').span('2026-12-28', '2027-01-03')).toMatch(/^28 Dec 2026\s–\s3 Jan 2027$/)
})

test.each([
  [0, '0 %'],
  [0.003, 'below 1 %'],
  [0.5363, '54 %'],
  [0.996, 'over 99 %'],
  [1, '100 %'],
  [1.204, '120 %'],
])('%d is told as %s', (share, text) => {
  expect(formats('en-GB').percent(share)).toBe(text)
})
