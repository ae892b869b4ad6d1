import { keepPreviousData, queryOptions, type QueryClient } from '@tanstack/react-query'
import { answer, api, type Schemas } from './client'
import type { paths } from './generated/schema'

/** Everything read from the server, each under the key of its address. */
export const queries = {
  today: () => queryOptions({ queryKey: ['today'], queryFn: () => answer(api.GET('/api/today')) }),
  day: (day: string) =>
    queryOptions({
      queryKey: ['days', day],
      queryFn: () => answer(api.GET('/api/days/{day}', { params: { path: { day } } })),
    }),
  waiting: (span: Schemas['Span']) =>
    queryOptions({
      queryKey: ['pauses', span],
      queryFn: () => answer(api.POST('/api/pauses/preview', { body: span })),
    }),
  settings: () => queryOptions({ queryKey: ['settings'], queryFn: () => answer(api.GET('/api/settings')) }),
  streaks: () => queryOptions({ queryKey: ['streaks'], queryFn: () => answer(api.GET('/api/streaks')) }),
  names: () => queryOptions({ queryKey: ['names'], queryFn: () => answer(api.GET('/api/names')) }),
  turn: () => queryOptions({ queryKey: ['turn'], queryFn: () => answer(api.GET('/api/turn')) }),
  courses: (week?: number[]) =>
    queryOptions({
      queryKey: week ? ['courses', 'for', week] : ['courses'],
      queryFn: () => answer(api.GET('/api/courses', { params: { query: { week } } })),
    }),
  course: (week?: string, placement?: string) =>
    queryOptions({
      queryKey: ['course', placement ?? 'in front', week ?? 'now'],
      queryFn: () => answer(api.GET('/api/course', { params: { query: { week, placement } } })),
    }),
  document: (id: string) =>
    queryOptions({
      queryKey: ['courses', id],
      queryFn: () => answer(api.GET('/api/courses/{id}', { params: { path: { id } } })),
    }),
  printed: (placement: string) =>
    queryOptions({
      queryKey: ['course', placement, 'print'],
      queryFn: () => answer(api.GET('/api/course/{placement}/print', { params: { path: { placement } } })),
    }),
  policies: (placement: string) =>
    queryOptions({
      queryKey: ['course', placement, 'policies'],
      queryFn: () => answer(api.GET('/api/course/{placement}/policies', { params: { path: { placement } } })),
    }),
  history: (placement: string) =>
    queryOptions({
      queryKey: ['course', placement, 'history'],
      queryFn: () => answer(api.GET('/api/course/{placement}/history', { params: { path: { placement } } })),
    }),
  preview: (placement: string, week: string, changes: Schemas['ChangeToMake'][]) =>
    queryOptions({
      queryKey: ['course', placement, 'preview', week, changes],
      queryFn: () =>
        answer(
          api.POST('/api/course/{placement}/preview', {
            params: { path: { placement } },
            body: { week, changes },
          }),
        ),
    }),
  topics: () => queryOptions({ queryKey: ['topics'], queryFn: () => answer(api.GET('/api/topics')) }),
  appointments: () =>
    queryOptions({ queryKey: ['appointments'], queryFn: () => answer(api.GET('/api/appointments')) }),
  appointmentClashes: (appointments: Schemas['AppointmentView'][]) =>
    queryOptions({
      queryKey: ['appointments', 'clashes', appointments],
      queryFn: () => answer(api.POST('/api/appointments/check', { body: { appointments } })),
    }),
  quotas: () => queryOptions({ queryKey: ['quotas'], queryFn: () => answer(api.GET('/api/quotas')) }),
  quota: (id: string) =>
    queryOptions({
      queryKey: ['quotas', 'one', id],
      queryFn: () => answer(api.GET('/api/quotas/{id}', { params: { path: { id } } })),
    }),
  forecasts: () =>
    queryOptions({
      queryKey: ['quotas', 'forecasts'],
      queryFn: () => answer(api.GET('/api/quotas/forecasts')),
    }),
  promptWords: () =>
    queryOptions({
      queryKey: ['prompt-words'],
      queryFn: () => answer(api.GET('/api/quotas/prompts/words')),
    }),
  currentSitting: () =>
    queryOptions({
      queryKey: ['sittings', 'current'],
      queryFn: () => answer(api.GET('/api/sittings/current')),
    }),
  lastSitting: () =>
    queryOptions({
      queryKey: ['sittings', 'last'],
      queryFn: () => answer(api.GET('/api/sittings/last')),
    }),
  sittingSettings: () =>
    queryOptions({
      queryKey: ['sittings', 'settings'],
      queryFn: () => answer(api.GET('/api/sittings/settings')),
    }),
  setUp: () =>
    queryOptions({
      queryKey: ['sittings', 'set-up'],
      queryFn: () => answer(api.GET('/api/sittings/set-up')),
    }),
  pictureFolder: () =>
    queryOptions({
      queryKey: ['references', 'folder'],
      queryFn: () => answer(api.GET('/api/references/folder')),
    }),
  copies: () => queryOptions({ queryKey: ['copies'], queryFn: () => answer(api.GET('/api/copies')) }),
  feed: () => queryOptions({ queryKey: ['feed'], queryFn: () => answer(api.GET('/api/feed')) }),
  books: () => queryOptions({ queryKey: ['books'], queryFn: () => answer(api.GET('/api/books')) }),
  book: (id: string) =>
    queryOptions({
      queryKey: ['books', id],
      queryFn: () => answer(api.GET('/api/books/{id}', { params: { path: { id } } })),
    }),
  page: (book: string, number: number) =>
    queryOptions({
      queryKey: ['books', book, number],
      queryFn: () =>
        answer(api.GET('/api/books/{book}/pages/{number}', { params: { path: { book, number } } })),
    }),
  move: (book: string, move?: Schemas['MoveOfPages']) =>
    queryOptions({
      queryKey: ['books', book, 'move', move],
      queryFn: () =>
        answer(
          api.POST('/api/books/{id}/pages/preview', {
            params: { path: { id: book } },
            body: move ?? { kind: 'SHIFT', page: 1, other: 1 },
          }),
        ),
    }),
  sheet: (asked: Record<string, string>) =>
    queryOptions({
      queryKey: ['sheet', asked],
      queryFn: () => answer(api.GET('/api/sheet', { params: { query: asked } })),
    }),
  tray: () => queryOptions({ queryKey: ['tray'], queryFn: () => answer(api.GET('/api/tray')) }),
  trayRow: (query: { book: string; first: number; two: boolean; from: string }) =>
    queryOptions({
      queryKey: ['tray', 'row', query],
      queryFn: () => answer(api.GET('/api/tray/row', { params: { query } })),
    }),
  coverage: (query: { window: Schemas['CoverageView']['window']; all: boolean }) =>
    queryOptions({
      queryKey: ['coverage', query],
      queryFn: () => answer(api.GET('/api/coverage', { params: { query } })),
      placeholderData: keepPreviousData,
    }),
  courseTopics: (placement: string, week: string) =>
    queryOptions({
      queryKey: ['coverage', 'course', placement, week],
      queryFn: () =>
        answer(api.GET('/api/course-topics/{placement}/{week}', { params: { path: { placement, week } } })),
    }),
  topic: (topic: string, facet: string | undefined) =>
    queryOptions({
      queryKey: ['coverage', topic, facet],
      queryFn: () =>
        answer(
          api.GET('/api/coverage/{topic}', {
            params: { path: { topic }, query: facet ? { facet } : {} },
          }),
        ),
      placeholderData: keepPreviousData,
    }),
  referenceSets: () =>
    queryOptions({
      queryKey: ['references', 'sets'],
      queryFn: () => answer(api.GET('/api/references/sets')),
    }),
  comparisons: () =>
    queryOptions({
      queryKey: ['bench', 'comparisons'],
      queryFn: () => answer(api.GET('/api/bench/comparisons')),
    }),
  comparison: (id: string) =>
    queryOptions({
      queryKey: ['comparison', id],
      queryFn: () => answer(api.GET('/api/bench/comparisons/{id}', { params: { path: { id } } })),
    }),
  tendencies: (asked: NonNullable<paths['/api/bench/tendencies']['get']['parameters']['query']> = {}) =>
    queryOptions({
      queryKey: ['bench', 'tendencies', asked],
      queryFn: () => answer(api.GET('/api/bench/tendencies', { params: { query: asked } })),
      placeholderData: keepPreviousData,
    }),
  saidHabits: () =>
    queryOptions({ queryKey: ['bench', 'said'], queryFn: () => answer(api.GET('/api/bench/said')) }),
  cabinetKinds: () =>
    queryOptions({
      queryKey: ['cabinet', 'kinds'],
      queryFn: () => answer(api.GET('/api/cabinet/kinds')),
      staleTime: Infinity,
    }),
  folderPictures: () =>
    queryOptions({
      queryKey: ['references', 'pictures'],
      queryFn: () => answer(api.GET('/api/references/pictures')),
    }),
  reviews: () => queryOptions({ queryKey: ['reviews'], queryFn: () => answer(api.GET('/api/reviews')) }),
  review: (from: string) =>
    queryOptions({
      queryKey: ['reviews', from],
      queryFn: () => answer(api.GET('/api/reviews/{from}', { params: { path: { from } } })),
    }),
  remarks: (from: string) =>
    queryOptions({
      queryKey: ['reviews', from, 'remarks'],
      queryFn: () => answer(api.GET('/api/reviews/{from}/remarks', { params: { path: { from } } })),
    }),
  serving: () =>
    queryOptions({
      queryKey: ['reviews', 'serving'],
      queryFn: () => answer(api.GET('/api/reviews/serving')),
    }),
  reviewToday: () =>
    queryOptions({
      queryKey: ['reviews', 'today'],
      queryFn: () => answer(api.GET('/api/reviews/today')),
    }),
  series: () =>
    queryOptions({
      queryKey: ['look-back', 'series'],
      queryFn: () => answer(api.GET('/api/look-back/series')),
    }),
  months: () =>
    queryOptions({
      queryKey: ['look-back', 'months'],
      queryFn: () => answer(api.GET('/api/look-back/months')),
    }),
  month: (month: string) =>
    queryOptions({
      queryKey: ['look-back', 'month', month],
      queryFn: () => answer(api.GET('/api/look-back/months/{month}', { params: { path: { month } } })),
    }),
  year: (year: number) =>
    queryOptions({
      queryKey: ['look-back', 'year', year],
      queryFn: () => answer(api.GET('/api/look-back/years/{year}', { params: { path: { year } } })),
    }),
  runs: () =>
    queryOptions({
      queryKey: ['look-back', 'runs'],
      queryFn: () => answer(api.GET('/api/look-back/runs')),
    }),
  subjects: () =>
    queryOptions({
      queryKey: ['look-back', 'subjects'],
      queryFn: () => answer(api.GET('/api/look-back/subjects')),
    }),
  sittingsBack: () =>
    queryOptions({
      queryKey: ['look-back', 'sittings'],
      queryFn: () => answer(api.GET('/api/look-back/sittings')),
    }),
  sittingHabits: () =>
    queryOptions({ queryKey: ['sittings', 'told'], queryFn: () => answer(api.GET('/api/sittings/told')) }),
  dips: () =>
    queryOptions({ queryKey: ['look-back', 'dips'], queryFn: () => answer(api.GET('/api/look-back/dips')) }),
  pictured: () =>
    queryOptions({
      queryKey: ['look-back', 'pictured'],
      queryFn: () => answer(api.GET('/api/look-back/pictured')),
    }),
  courseBack: () =>
    queryOptions({
      queryKey: ['look-back', 'course-end', 'back'],
      queryFn: () => answer(api.GET('/api/look-back/course-end/back')),
    }),
  hung: () =>
    queryOptions({
      queryKey: ['what-for', 'pictures'],
      queryFn: () => answer(api.GET('/api/what-for/pictures')),
    }),
  goals: () =>
    queryOptions({ queryKey: ['what-for', 'goals'], queryFn: () => answer(api.GET('/api/what-for/goals')) }),
  goal: (kind: Schemas['GoalView']['kind'], about: string) =>
    queryOptions({
      queryKey: ['what-for', 'goals', kind, about],
      queryFn: () =>
        answer(api.GET('/api/what-for/goals/{kind}/{about}', { params: { path: { kind, about } } })),
    }),
  openEnds: () =>
    queryOptions({
      queryKey: ['what-for', 'open-ends'],
      queryFn: () => answer(api.GET('/api/what-for/open-ends')),
    }),
  offeredEnd: () =>
    queryOptions({
      queryKey: ['what-for', 'open-ends', 'offered'],
      queryFn: () => answer(api.GET('/api/what-for/open-ends/offered')),
    }),
  recall: () => queryOptions({ queryKey: ['recall'], queryFn: () => answer(api.GET('/api/recall')) }),
  recallBefore: (topics: string[]) =>
    queryOptions({
      queryKey: ['recall', 'before', topics],
      queryFn: () => answer(api.GET('/api/recall/before', { params: { query: { topic: topics } } })),
      placeholderData: (last) => last,
    }),
  plate: (id: string) =>
    queryOptions({
      queryKey: ['recall', 'plates', id],
      queryFn: () => answer(api.GET('/api/recall/plates/{id}', { params: { path: { id } } })),
      staleTime: Infinity,
    }),
  stepOrder: (id: string) =>
    queryOptions({
      queryKey: ['recall', 'orders', id],
      queryFn: () => answer(api.GET('/api/recall/orders/{id}', { params: { path: { id } } })),
      staleTime: Infinity,
    }),
  little: () =>
    queryOptions({ queryKey: ['today', 'little'], queryFn: () => answer(api.GET('/api/today/little')) }),
  bored: (turn: number) =>
    queryOptions({
      queryKey: ['today', 'bored', turn],
      queryFn: () => answer(api.GET('/api/today/bored', { params: { query: { turn } } })),
    }),
  fitting: (minutes: number, medium: string) =>
    queryOptions({
      queryKey: ['today', 'short', minutes, medium],
      queryFn: () =>
        answer(
          api.GET('/api/today/short', { params: { query: { minutes, ...(medium ? { medium } : {}) } } }),
        ),
    }),
  courseEnd: () =>
    queryOptions({
      queryKey: ['look-back', 'course-end'],
      queryFn: () => answer(api.GET('/api/look-back/course-end')),
    }),
  rankings: () => queryOptions({ queryKey: ['rankings'], queryFn: () => answer(api.GET('/api/rankings')) }),
  ranking: (id: string) =>
    queryOptions({
      queryKey: ['rankings', id],
      queryFn: () => answer(api.GET('/api/rankings/{id}', { params: { path: { id } } })),
    }),
  aims: () =>
    queryOptions({ queryKey: ['bench', 'aims'], queryFn: () => answer(api.GET('/api/bench/aims')) }),
  benchTemplates: () =>
    queryOptions({
      queryKey: ['bench', 'templates'],
      queryFn: () => answer(api.GET('/api/bench/templates')),
    }),
  shelf: () => queryOptions({ queryKey: ['shelf'], queryFn: () => answer(api.GET('/api/shelf')) }),
  pieces: () => queryOptions({ queryKey: ['pieces'], queryFn: () => answer(api.GET('/api/pieces')) }),
  piece: (id: string) =>
    queryOptions({
      queryKey: ['pieces', id],
      queryFn: () => answer(api.GET('/api/pieces/{id}', { params: { path: { id } } })),
    }),
  pieceTemplates: () =>
    queryOptions({
      queryKey: ['piece-templates'],
      queryFn: () => answer(api.GET('/api/piece-templates')),
    }),
  /** Pictures of pages that entries name; for what is shown around without private ones. */
  entryPictures: (entries: string[], shown = false) =>
    queryOptions({
      queryKey: ['entry-pictures', entries, shown],
      queryFn: () => answer(api.GET('/api/entry-pictures', { params: { query: { entries, shown } } })),
      enabled: entries.length > 0,
    }),
  promptPages: () =>
    queryOptions({ queryKey: ['prompt-pages'], queryFn: () => answer(api.GET('/api/prompt-pages')) }),
  inbox: () => queryOptions({ queryKey: ['inbox'], queryFn: () => answer(api.GET('/api/inbox')) }),
  paper: (id: string) =>
    queryOptions({
      queryKey: ['paper', id],
      queryFn: () => answer(api.GET('/api/pictures/{id}/paper', { params: { path: { id } } })),
    }),
  gutter: (id: string, corners: Schemas['Spot'][]) =>
    queryOptions({
      queryKey: ['gutter', id, corners],
      queryFn: () =>
        answer(
          api.GET('/api/pictures/{id}/gutter', {
            params: { path: { id }, query: { corners: corners.flatMap((s) => [s.x, s.y]) } },
          }),
        ),
    }),
  search: (text: string) =>
    queryOptions({
      queryKey: ['search', text],
      queryFn: () => answer(api.GET('/api/search', { params: { query: { text } } })),
      enabled: text.trim() !== '',
    }),
  reading: (line: string, day?: string) =>
    queryOptions({
      queryKey: ['log-line', line, day ?? 'today'],
      queryFn: () => answer(api.POST('/api/log-line', { body: { line, day: day ?? null } })),
      staleTime: 30_000,
    }),
}

/** After a write everything shown may have changed, since shares and streaks follow from entries and settings. */
export function refreshAll(client: QueryClient): Promise<void> {
  return client.invalidateQueries()
}
