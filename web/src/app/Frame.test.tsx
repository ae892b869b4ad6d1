import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useLocation } from 'react-router'
import { expect, test, vi } from 'vitest'
import { show } from '../test-page'
import { Frame } from './Frame'
import { FOCUS_LOG_LINE } from '../shared/logline/events'

function Where() {
  const { pathname, search } = useLocation()
  return (
    <>
      <p data-testid="where">{pathname + search}</p>
      <label>
        A field <input />
      </label>
    </>
  )
}

const today = {
  day: '2026-03-05',
  course: { title: 'Harbour Year', week: 17, weeks: 24, weekTitle: 'Sheds and cranes' },
}

const frame = (body: unknown = today, at = '/settings') =>
  show(
    <Frame>
      <Where />
    </Frame>,
    { 'GET /api/today': () => ({ body }) },
    at,
  )

const where = () => screen.getByTestId('where').textContent

test('the head line says the day and the week of the course', async () => {
  frame()
  expect(await screen.findByText('Thursday, March 5')).toBeInTheDocument()
  expect(screen.getByRole('banner')).toHaveTextContent('Harbour Year, week 17 of 24: Sheds and cranes')
})

test('without a course there is only the day', async () => {
  frame({ day: '2026-03-05', course: null })
  expect(await screen.findByText('Thursday, March 5')).toBeInTheDocument()
  expect(screen.getByRole('banner')).not.toHaveTextContent('week')
})

test('the tab of the page that is shown is marked', () => {
  frame(today, '/course')
  const tabs = screen.getByRole('navigation', { name: 'Sections' })
  expect(tabs.querySelector('[aria-current=page]')).toHaveTextContent('Course')
})

test.each([
  ['1', '/today'],
  ['2', '/course'],
  ['3', '/quotas'],
  ['s', '/sitting'],
])('the key %s leads to %s', async (key, path) => {
  frame()
  await userEvent.keyboard(key)
  expect(where()).toBe(path)
})

// Waits for what was asked: a frame that is still due would reach the test after this one.
test.each(['l', 'L'])('the key %s leads to Today and asks for the log line', async (key) => {
  frame()
  const asked = vi.fn()
  window.addEventListener(FOCUS_LOG_LINE, asked)
  await userEvent.keyboard(key)
  await waitFor(() => expect(asked).toHaveBeenCalledOnce())
  expect(where()).toBe('/today')
  window.removeEventListener(FOCUS_LOG_LINE, asked)
})

test('while one writes, keys are letters', async () => {
  frame()
  await userEvent.type(screen.getByLabelText('A field'), '2ls?/')
  expect(screen.getByLabelText('A field')).toHaveValue('2ls?/')
  expect(where()).toBe('/settings')
})

test('Esc leaves the field, and keys lead on again', async () => {
  frame()
  await userEvent.type(screen.getByLabelText('A field'), '4 gulls{Escape}')
  expect(screen.getByLabelText('A field')).toHaveValue('4 gulls')
  await userEvent.keyboard('s')
  expect(where()).toBe('/sitting')
})

test('with a modifier the keys belong to the browser', async () => {
  frame()
  await userEvent.keyboard('{Control>}2{/Control}{Meta>}s{/Meta}{Alt>}1{/Alt}')
  expect(where()).toBe('/settings')
})

test('? lists the keys, and Esc puts the list away', async () => {
  frame()
  await userEvent.keyboard('?')
  expect(await screen.findByRole('dialog', { name: 'Keys' })).toHaveTextContent('Begin a sitting')
  await userEvent.keyboard('{Escape}')
  await waitFor(() => expect(screen.queryByRole('dialog')).not.toBeInTheDocument())
})

test('/ leads to the search, which keeps what was searched for', async () => {
  frame()
  await userEvent.keyboard('/')
  expect(screen.getByLabelText('Search entries and exercises')).toHaveFocus()
  await userEvent.keyboard('lamp & quay{Enter}')
  expect(where()).toBe('/search?q=lamp%20%26%20quay')
  expect(screen.getByLabelText('Search entries and exercises')).toHaveValue('lamp & quay')
})

test('an empty search leads nowhere', async () => {
  frame()
  await userEvent.keyboard('/   {Enter}')
  expect(where()).toBe('/settings')
})
