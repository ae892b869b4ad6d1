import createClient from 'openapi-fetch'
import type { components, paths } from './generated/schema'

/** Types of what the server sends and takes, by their names in the API. */
export type Schemas = components['schemas']

/** What is wrong with one field: its path in the request, and one sentence that may stand at it. */
export type Fault = { field: string; detail: string; why?: Schemas['Message'] }

/** What went wrong with a request, as the server says it. */
export class Problem extends Error {
  constructor(
    readonly code: string,
    detail: string,
    /** Every field at fault; none where the request as a whole was refused. */
    readonly faults: Fault[] = [],
    /** What is stored now, where the request was made on top of something older. */
    readonly current: unknown = undefined,
    /** Whether the server would answer the same, however often it is asked. */
    readonly refused = false,
  ) {
    super(detail)
  }
}

type ProblemBody = {
  code?: string
  detail?: string
  why?: Schemas['Message']
  field?: string
  faults?: Fault[]
  current?: unknown
}

const client = createClient<paths>({
  baseUrl: location.origin,
  fetch: (request) => globalThis.fetch(request),
})

/** Makes words of a message of the server. */
type Saying = (message: Schemas['Message']) => Promise<string>

let saying: Saying | undefined

/** How messages of the server are said from now on; until then they stand as it writes them in English. */
export const sayAs = (said?: Saying) => {
  saying = said
}

/** The words of a page are loaded when they are needed; where they cannot be, a refusal is told in the server's own. */
const said = async (why: Schemas['Message'] | undefined, detail: string) =>
  why && saying ? await saying(why).catch(() => detail) : detail

/** Waits for an answer and turns every failure into a {@link Problem}. */
export async function answer<T>(
  request: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let result
  try {
    result = await request
  } catch {
    throw new Problem('unreachable', 'Humble Quill does not answer. Is it still running?')
  }
  if (!result.response.ok) {
    const body = (result.error ?? {}) as ProblemBody
    const detail = await said(body.why, body.detail ?? `The answer was ${result.response.status}.`)
    const faults = body.faults
      ? await Promise.all(
          body.faults.map(async (fault) => ({ ...fault, detail: await said(fault.why, fault.detail) })),
        )
      : body.field
        ? [{ field: body.field, detail }]
        : []
    throw new Problem(body.code ?? 'unknown', detail, faults, body.current, result.response.status < 500)
  }
  return result.data as T
}

export const api = client
