import type { Schemas } from '../../api/client'
import { useFormats } from '../../app/locale'

/** Courses to choose from, each with what it asks. */
export function Offers({
  courses,
  chosen,
  onChoose,
}: {
  courses: Schemas['Offer'][]
  chosen: string | undefined
  onChoose: (id: string) => void
}) {
  const format = useFormats()
  return (
    <fieldset>
      <legend className="sr-only">Course</legend>
      {courses.map((course) => (
        <label key={course.id} className="border-hairline flex gap-3 border-t py-3">
          <input
            type="radio"
            name="course"
            className="mt-1.5 size-4 shrink-0"
            checked={chosen === course.id}
            onChange={() => onChoose(course.id)}
          />
          <span>
            <span className="font-serif text-lg font-medium">{course.title}</span>
            <span className="text-faded">
              {' '}
              · {course.weeks} weeks · {format.minutes(course.minutes)} in all · up to{' '}
              {format.minutes(Math.max(...course.weekMinutes))} a week
            </span>
            <span className="block">{course.summary}</span>
            <span className="text-faded block text-sm">
              Its fullest week fits when every day has {format.minutes(course.minutesADay)}, with setting up
              and the free share.
            </span>
          </span>
        </label>
      ))}
    </fieldset>
  )
}

/** Course files that were refused, each with the place and the reason. */
export function BrokenFiles({ files }: { files: Schemas['BrokenFile'][] }) {
  return files.map((file) => (
    <p key={file.file} className="border-hairline border-t py-2">
      <span className="text-sanguine">{file.file} was refused</span>
      {file.path && ` at ${file.path}`}: {file.reason}.
    </p>
  ))
}
