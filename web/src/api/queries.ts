import { queryOptions, type QueryClient } from '@tanstack/react-query'
import { answer, api } from './client'

/** Everything read from the server, each under the key of its address. */
export const queries = {
  today: () => queryOptions({ queryKey: ['today'], queryFn: () => answer(api.GET('/api/today')) }),
  settings: () => queryOptions({ queryKey: ['settings'], queryFn: () => answer(api.GET('/api/settings')) }),
  streaks: () => queryOptions({ queryKey: ['streaks'], queryFn: () => answer(api.GET('/api/streaks')) }),
  words: () => queryOptions({ queryKey: ['words'], queryFn: () => answer(api.GET('/api/words')) }),
  courses: () => queryOptions({ queryKey: ['courses'], queryFn: () => answer(api.GET('/api/courses')) }),
  course: (week?: number) =>
    queryOptions({
      queryKey: ['course', week ?? 'now'],
      queryFn: () => answer(api.GET('/api/course', { params: { query: { week } } })),
    }),
  search: (text: string) =>
    queryOptions({
      queryKey: ['search', text],
      queryFn: () => answer(api.GET('/api/search', { params: { query: { text } } })),
      enabled: text.trim() !== '',
    }),
  reading: (line: string) =>
    queryOptions({
      queryKey: ['log-line', line],
      queryFn: () => answer(api.POST('/api/log-line', { body: { line } })),
      staleTime: 30_000,
    }),
}

/** After a write everything shown may have changed, since shares and streaks follow from entries and settings. */
export function refreshAll(client: QueryClient): Promise<void> {
  return client.invalidateQueries()
}
