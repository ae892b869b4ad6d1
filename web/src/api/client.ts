import createClient from 'openapi-fetch'
import type { components, paths } from './generated/schema'

/** Types of what the server sends and takes, by their names in the API. */
export type Schemas = components['schemas']

/** What went wrong with a request, as the server says it. */
export class Problem extends Error {
  constructor(
    readonly code: string,
    detail: string,
    readonly field: string | undefined,
    readonly current: unknown,
  ) {
    super(detail)
  }
}

type ProblemBody = { code?: string; detail?: string; field?: string; current?: unknown }

const client = createClient<paths>({
  baseUrl: location.origin,
  fetch: (request) => globalThis.fetch(request),
})

/** Waits for an answer and turns every failure into a {@link Problem}. */
export async function answer<T>(
  request: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let result
  try {
    result = await request
  } catch {
    throw new Problem(
      'unreachable',
      'Humble Quill does not answer. Is it still running?',
      undefined,
      undefined,
    )
  }
  if (!result.response.ok) {
    const body = (result.error ?? {}) as ProblemBody
    throw new Problem(
      body.code ?? 'unknown',
      body.detail ?? `The answer was ${result.response.status}.`,
      body.field,
      body.current,
    )
  }
  return result.data as T
}

export const api = client
