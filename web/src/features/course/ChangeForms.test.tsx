import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import type { Schemas } from '../../api/client'
import { sent, show } from '../../test-page'
import { ANSWERS } from './text'
import { ChangeForm, type About, type Kind } from './ChangeForms'

const week = (key: string, number: number, from: string, to: string, title: string) =>
  ({ key, number, from, to, title, days: 7, untilDone: false }) as Schemas['RulerWeek']

const ruler = [
  week('w17', 17, '2026-03-02', '2026-03-08', 'Sheds and cranes'),
  week('w18', 18, '2026-03-09', '2026-03-15', 'Gulls'),
  week('w19', 19, '2026-03-16', '2026-03-22', 'Hulls'),
]

const figures = { end: '2026-08-16', days: [], droppedDrawings: 0, droppedMinutes: 0, shortfalls: [] }
const longer = { ...figures, end: '2026-08-23' }

function sheet(kind: Kind, post = () => ({ body: {} as unknown, status: 200 })) {
  const about: About = {
    placement: 'p',
    ruler,
    week: ruler[0] as Schemas['RulerWeek'],
    today: '2026-03-05',
    onClose: () => closed++,
  }
  closed = 0
  return show(<ChangeForm kind={kind} about={about} />, {
    'POST /api/course/p/preview': () => ({ body: { before: figures, after: longer, refused: null } }),
    'POST /api/course/p/changes': post,
    'GET /api/courses': () => ({
      body: {
        broken: [],
        courses: [
          {
            id: 'first-lines',
            title: 'First Lines',
            weekLoads: [{ title: 'Straight' }, { title: 'Round' }, { title: 'Both' }],
          },
        ],
      },
    }),
  })
}
let closed = 0

const made = (asked: ReturnType<typeof sheet>) => sent(asked, 'POST', '/api/course/p/changes')
const change = () => userEvent.click(screen.getByRole('button', { name: 'Change the plan' }))
const retype = async (label: string, text: string) => {
  await userEvent.clear(screen.getByLabelText(label))
  await userEvent.type(screen.getByLabelText(label), text)
}

test('what a change does is shown before it is made, and nothing is made by looking', async () => {
  const asked = sheet('STRETCH')
  expect(await screen.findByText(/7 days later/)).toBeInTheDocument()
  expect(made(asked)).toHaveLength(0)
  await userEvent.click(screen.getByRole('button', { name: 'Cancel' }))
  expect(closed).toBe(1)
  expect(made(asked)).toHaveLength(0)
})

test('a week is stretched to the days that are typed, with the reason', async () => {
  const asked = sheet('STRETCH')
  await retype('Length in days', '21')
  await userEvent.type(screen.getByLabelText('Reason, kept in the history'), 'cranes are hard')
  await change()
  await waitFor(() => expect(closed).toBe(1))
  expect(made(asked)[0]?.body).toMatchObject({
    reason: 'cranes are hard',
    changes: [{ kind: 'STRETCH', week: 'w17', days: 21 }],
  })
})

test.each(['0', '121', 'two weeks', '7.5'])('a length of %s is refused by name', async (days) => {
  const asked = sheet('STRETCH')
  await retype('Length in days', days)
  expect(screen.getByText(`A whole number from 1 to 120, not “${days}”.`)).toBeInTheDocument()
  expect(screen.getByRole('button', { name: 'Change the plan' })).toBeDisabled()
  expect(made(asked)).toHaveLength(0)
})

test('a week can last until its work is done', async () => {
  const asked = sheet('STRETCH')
  await userEvent.click(screen.getByLabelText(/until its work is done/))
  expect(screen.queryByLabelText('Length in days')).not.toBeInTheDocument()
  await change()
  await waitFor(() => expect(made(asked)).toHaveLength(1))
  expect(made(asked)[0]?.body).toMatchObject({ changes: [{ kind: 'UNTIL_DONE', week: 'w17', on: true }] })
})

test('a pause names its days, from today on and within the week', async () => {
  const asked = sheet('PAUSE')
  await retype('Days', '9')
  expect(screen.getByText('4 of them lie in this week; only these are paused.')).toBeInTheDocument()
  await change()
  await waitFor(() => expect(made(asked)).toHaveLength(1))
  expect(made(asked)[0]?.body).toMatchObject({
    changes: [{ kind: 'PAUSE', dates: ['2026-03-05', '2026-03-06', '2026-03-07', '2026-03-08'] }],
  })
})

test('a week changes places only with one that is still to come', async () => {
  const asked = sheet('SWAP')
  const other = screen.getByRole('combobox')
  expect(other).not.toHaveTextContent('Sheds and cranes,')
  await userEvent.selectOptions(other, 'w19')
  await change()
  await waitFor(() => expect(made(asked)).toHaveLength(1))
  expect(made(asked)[0]?.body).toMatchObject({ changes: [{ kind: 'SWAP', week: 'w17', other: 'w19' }] })
})

test('a detour takes the weeks that are ticked, in their order', async () => {
  const asked = sheet('DETOUR_OF_COURSE')
  await screen.findByRole('option', { name: 'First Lines' })
  expect(screen.getByRole('button', { name: 'Change the plan' })).toBeDisabled()
  await userEvent.selectOptions(screen.getByLabelText('From the course'), 'first-lines')
  await userEvent.click(screen.getByLabelText('3 · Both'))
  await userEvent.click(screen.getByLabelText('1 · Straight'))
  await change()
  await waitFor(() => expect(made(asked)).toHaveLength(1))
  expect(made(asked)[0]?.body).toMatchObject({
    changes: [{ kind: 'DETOUR_OF_COURSE', week: 'w18', courseId: 'first-lines', courseWeeks: [1, 3] }],
  })
})

test('empty days stand before a week that has not begun', async () => {
  const asked = sheet('EMPTY')
  await userEvent.selectOptions(screen.getByLabelText('Before'), 'w19')
  await retype('Days', '3')
  await change()
  await waitFor(() => expect(made(asked)).toHaveLength(1))
  expect(made(asked)[0]?.body).toMatchObject({ changes: [{ kind: 'EMPTY', week: 'w19', days: 3 }] })
})

test('a subject is drawn now and again at the end', async () => {
  const asked = sheet('BASELINE')
  expect(screen.getByRole('button', { name: 'Change the plan' })).toBeDisabled()
  await userEvent.type(screen.getByLabelText('Subject'), '  a hand ')
  await change()
  await waitFor(() => expect(made(asked)).toHaveLength(1))
  expect(made(asked)[0]?.body).toMatchObject({
    changes: [{ kind: 'BASELINE', week: 'w17', topic: 'a hand' }],
  })
})

test.each(['REPEAT', 'SKIP'] as const)('%s asks for nothing more', async (kind) => {
  const asked = sheet(kind)
  await change()
  await waitFor(() => expect(made(asked)).toHaveLength(1))
  expect(made(asked)[0]?.body).toMatchObject({ changes: [{ kind, week: 'w17' }] })
})

test('what the planner refuses stays on the sheet with everything typed', async () => {
  const refusal = { status: 409, body: { detail: 'Not changed: days before today are over.' } }
  sheet('STRETCH', () => refusal)
  await retype('Length in days', '3')
  await change()
  expect(await screen.findByText('Not changed: days before today are over.')).toBeInTheDocument()
  expect(screen.getByLabelText('Length in days')).toHaveValue('3')
  expect(closed).toBe(0)
})

test('a change told twice is one change: it keeps its name until it is made', async () => {
  let first = true
  const asked = sheet('SKIP', () => {
    const status = first ? 500 : 200
    first = false
    return { status, body: { detail: 'no answer' } }
  })
  await change()
  await screen.findByText('no answer')
  await change()
  await waitFor(() => expect(made(asked)).toHaveLength(2))
  const [once, again] = made(asked).map((a) => (a.body as { id: string }).id)
  expect(again).toBe(once)
})

test('every kind of change has a form', () => {
  const kinds = Object.keys(ANSWERS).filter((a): a is Kind => a !== 'AWAY' && a !== 'MISSED')
  for (const kind of kinds) {
    sheet(kind)
  }
  expect(screen.getAllByRole('button', { name: 'Change the plan', hidden: true })).toHaveLength(kinds.length)
})
