import { fireEvent, screen } from '@testing-library/react'
import { useState } from 'react'
import { expect, test } from 'vitest'
import { show } from '../../../test-page'
import { newCourse, type WeekDocument } from './document'
import { WeekEditor } from './WeekEditor'

const exercise = (id: string) => ({
  id,
  title: id,
  kind: 'drill',
  drawings: 10,
  minutesEach: 2,
  chunk: 1,
})

function Page() {
  const [week, setWeek] = useState<WeekDocument>({
    title: 'Ropes',
    exercises: [exercise('bowline'), exercise('splice'), exercise('net')],
  })
  return (
    <WeekEditor
      week={week}
      number={1}
      course={{ ...newCourse(), weeks: [week] }}
      load={undefined}
      path={undefined}
      reason={undefined}
      onChange={setWeek}
      onMove={() => undefined}
      onRemove={() => undefined}
      onDrag={() => undefined}
      onDrop={() => undefined}
    />
  )
}

const order = () => screen.getAllByLabelText('Exercise').map((e) => (e as HTMLInputElement).value)

test('an exercise is dragged to another place of its week', () => {
  show(<Page />, {})
  const handles = screen.getAllByText('⋮ move')
  const dataTransfer = { setData: () => undefined, effectAllowed: '' }
  fireEvent.dragStart(handles[2] as HTMLElement, { dataTransfer })
  fireEvent.drop(screen.getByRole('group', { name: 'bowline' }))
  expect(order()).toEqual(['net', 'bowline', 'splice'])
})

test('and by a button, so by keyboard too', () => {
  show(<Page />, {})
  fireEvent.click(screen.getByRole('button', { name: 'bowline later' }))
  expect(order()).toEqual(['splice', 'bowline', 'net'])
})
