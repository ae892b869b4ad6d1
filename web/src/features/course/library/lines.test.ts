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
          chunk: 1,
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
          chunk: 15,
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

test('a line that was not changed keeps its exercise whole, wherever it moves', () => {
  const masts = {
    id: 'w01-masts',
    title: 'Mast and stay lines',
    kind: 'drill',
    drawings: 70,
    minutesEach: 1,
    chunk: 10,
    source: 'life',
    text: 'From the shoulder.',
  }
  const course: CourseDocument = {
    ...newCourse(),
    weeks: [
      { title: 'Lines', aim: 'The whole arm.', topics: ['lines'], exercises: [masts] },
      { title: 'Boxes', exercises: [] },
    ],
  }
  const said = (line: string) => ({
    line,
    // As the reader would call it, were the line new.
    title: 'Lines',
    kind: 'study',
    drawings: 70,
    minutesEach: 1,
    minutes: null,
    chunk: 1,
    source: 'life',
    topics: ['lines'],
    resource: null,
    proposed: [],
  })
  const weeks = fromLines(
    {
      empty: [],
      weeks: [
        { number: 1, title: 'Something new', exercises: [] },
        { number: 2, title: 'Lines', exercises: [said('70 Mast and stay lines, 1 min each, life')] },
        { number: 3, title: 'Boxes', exercises: [] },
      ],
    },
    course,
  )
  expect(weeks[1]).toEqual(course.weeks[0])
  expect(weeks[0]?.aim).toBeUndefined()
  const changed = fromLines(
    { empty: [], weeks: [{ number: 1, title: 'Lines', exercises: [said('7 Lines, 1 min each')] }] },
    course,
  )
  expect(changed[0]?.exercises[0]?.id).not.toBe('w01-masts')
})
