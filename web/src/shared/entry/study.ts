import { BOUNDS } from '../../api/generated/bounds'
import type { Schemas } from '../../api/client'
import { listed } from '../../ui/lists'
import type { Formats } from '../../ui/locale'
import { numberFault } from '../../ui/NumberField'
import { wording } from './wording'

type Study = Schemas['StudyFields']

/** Nothing told. */
export const NO_STUDY: Study = {
  unit: null,
  unitFrom: null,
  unitTo: null,
  how: null,
  facets: [],
  markBefore: null,
  lookedFor: null,
  depth: null,
  ownFigure: null,
  ownCount: null,
}

/** Units of a resource, as they go with a number of them. */
export const UNITS: Record<NonNullable<Study['unit']>, (count: number) => string> = {
  PAGE: (count) => wording.pageOrPlural({ count }),
  CHAPTER: (count) => wording.chapterOrPlural({ count }),
  LESSON: (count) => wording.lessonOrPlural({ count }),
  PLATE: (count) => wording.plateOrPlural({ count }),
  MINUTE: (count) => wording.minuteOrPlural({ count }),
}

/** How a resource was used. */
export const HOW: Record<NonNullable<Study['how']>, string> = {
  WATCHED: wording.watched(),
  READ: wording.read(),
  COPIED: wording.copied(),
  ATTEMPTED_FIRST: wording.attemptedFirst(),
  FINISHED_PLATE: wording.finishedThePlate(),
  FROM_MEMORY: wording.recalled(),
}

/** Whether a drawing shows what was to be looked for. */
export const LOOKED_FOR: Record<NonNullable<Study['lookedFor']>, string> = {
  YES: wording.yes(),
  PARTLY: wording.partly(),
  NO: wording.notYet(),
}

/** How deep a drawing goes. */
export const DEPTHS: Record<NonNullable<Study['depth']>, string> = {
  SIMPLE: wording.simple(),
  GROUPED: wording.grouped(),
  DETAILED: wording.detailed(),
}

/** What an entry tells of learning, as it is typed. */
export type StudyDraft = Record<keyof Study, string>

const NUMBERS = ['unitFrom', 'unitTo', 'markBefore'] as const

export function toStudyDraft(study: Study | null | undefined, format: Formats): StudyDraft {
  const number = (value: number | null | undefined) => (value == null ? '' : format.writeNumber(value))
  return {
    unit: study?.unit ?? '',
    unitFrom: number(study?.unitFrom),
    unitTo: number(study?.unitTo),
    how: study?.how ?? '',
    facets: (study?.facets ?? []).join(', '),
    markBefore: number(study?.markBefore),
    lookedFor: study?.lookedFor ?? '',
    depth: study?.depth ?? '',
    ownFigure: study?.ownFigure ?? '',
    ownCount: number(study?.ownCount),
  }
}

/** What is wrong with what the learner counts. */
export const ownFault = ({ ownCount }: Pick<StudyDraft, 'ownCount'>, format: Formats) =>
  numberFault(ownCount, BOUNDS.StudyFields.ownCount, format)

/** The first thing that is wrong with it. */
export function studyFault(draft: StudyDraft, format: Formats): string | undefined {
  const faults = NUMBERS.map((field) => numberFault(draft[field], BOUNDS.StudyFields[field], format))
  faults.push(ownFault(draft, format))
  if (draft.unit && !draft.unitFrom.trim()) {
    faults.push(wording.theFirstUnitIsNeeded({ unit: UNITS[draft.unit as keyof typeof UNITS](1) }))
  }
  return faults.find((fault) => fault)
}

export function toStudy(draft: StudyDraft, format: Formats): Study | null {
  if (Object.values(draft).every((typed) => typed.trim() === '')) {
    return null
  }
  const number = (typed: string) => format.readNumber(typed) ?? null
  return {
    unit: (draft.unit || null) as Study['unit'],
    unitFrom: draft.unit ? number(draft.unitFrom) : null,
    unitTo: draft.unit ? number(draft.unitTo) : null,
    how: (draft.how || null) as Study['how'],
    facets: listed(draft.facets),
    markBefore: number(draft.markBefore),
    lookedFor: (draft.lookedFor || null) as Study['lookedFor'],
    depth: (draft.depth || null) as Study['depth'],
    ownFigure: draft.ownFigure || null,
    ownCount: draft.ownFigure ? number(draft.ownCount) : null,
  }
}

/** "lessons 3–5" */
function unitsText({ unit, unitFrom, unitTo }: Study): string | undefined {
  if (unit == null || unitFrom == null) {
    return undefined
  }
  const last = unitTo ?? unitFrom
  const name = UNITS[unit](last - unitFrom + 1)
  return last === unitFrom ? `${name} ${unitFrom}` : `${name} ${unitFrom}–${last}`
}

/** "lesson 4 of The patient eye, copied · three-quarter view · simple" */
export function studyFacts(study: Study | null | undefined, resource: string | null | undefined): string[] {
  const units = study && unitsText(study)
  const from = resource ? (units ? wording.unitsOfResource({ units, resource }) : resource) : units
  return [
    from && study?.how ? `${from}, ${HOW[study.how]}` : (from ?? ''),
    ...(study?.facets ?? []),
    study?.depth ? DEPTHS[study.depth] : '',
    study?.markBefore != null ? wording.ownTryMarkBefore({ markBefore: study.markBefore }) : '',
    study?.lookedFor ? wording.lookedForLookedFor({ lookedFor: LOOKED_FOR[study.lookedFor] }) : '',
    study?.ownFigure ? `${study.ownFigure} ${study.ownCount}` : '',
  ].filter(Boolean)
}
