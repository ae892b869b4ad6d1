import { expect, test } from 'vitest'
import type { Schemas } from '../../../api/client'
import { newCourse, type CourseDocument } from './document'
import { fromLines, toLines } from './lines'

const read: Schemas['SyllabusView'] = {
  empty: [],
  weeks: [
    {
      number: 1,
      title: 'Poses',
      exercises: [
        {
          line: '200 gestures, 90 s each, photo',
          title: 'Gesture',
          kind: 'timed-poses',
          drawings: 200,
          minutesEach: 1.5,
          minutes: null,
          source: 'photo',
          topics: ['gesture'],
          resource: null,
          proposed: [],
        },
        {
          line: 'lesson 4 of the patient eye',
          title: 'Lesson 4 of the patient eye',
          kind: 'lesson',
          drawings: null,
          minutesEach: null,
          minutes: 60,
          source: null,
          topics: [],
          resource: 'The patient eye',
          proposed: ['COUNT'],
        },
      ],
    },
  ],
}

test('lines become weeks with their topics and resources', () => {
  const [week] = fromLines(read, newCourse())
  expect(week).toMatchObject({ title: 'Poses', topics: ['gesture'], resources: ['The patient eye'] })
  expect(week?.exercises[0]).toMatchObject({
    drawings: 200,
    minutesEach: 1.5,
    source: 'photo',
    kind: 'timed-poses',
  })
  expect(week?.exercises[1]).toMatchObject({ minutes: 60, kind: 'lesson' })
  expect(new Set(week?.exercises.map((e) => e.id)).size).toBe(2)
})

test('what lines do not speak of stays with its exercise', () => {
  const course: CourseDocument = {
    ...newCourse(),
    weeks: [
      {
        title: 'Poses',
        aim: 'Let go.',
        exercises: [
          {
            id: 'kept',
            title: 'Gesture',
            kind: 'drill',
            drawings: 10,
            minutesEach: 1,
            text: 'Whole arm.',
            lookFor: 'Flow.',
          },
        ],
      },
    ],
  }
  const [week] = fromLines(read, course)
  expect(week?.aim).toBe('Let go.')
  expect(week?.exercises[0]).toMatchObject({
    id: 'kept',
    kind: 'drill',
    drawings: 200,
    text: 'Whole arm.',
    lookFor: 'Flow.',
  })
})

test('a course is written as lines that say the same', () => {
  const [week] = fromLines(read, newCourse())
  expect(toLines({ ...newCourse(), weeks: week ? [week] : [] })).toBe(
    'Week 1: Poses\n200 Gesture, 1.5 min each, photo\nLesson 4 of the patient eye, 60 min',
  )
})
