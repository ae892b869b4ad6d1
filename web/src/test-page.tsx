import { QueryClientProvider } from '@tanstack/react-query'
import { render } from '@testing-library/react'
import type { ReactNode } from 'react'
import { MemoryRouter } from 'react-router'
import { FreshClient } from './api/FreshClient'
import { NoticesProvider } from './ui/Notices'

type Answer = { status?: number; body?: unknown }
type Route = (body: unknown) => Answer

/** What was asked of the pretended server, in order. */
export type Asked = { method: string; path: string; query: string; body: unknown }[]

/** Shows a piece of a page before a pretended server: routes by "METHOD /path", query left out. */
export function show(piece: ReactNode, routes: Record<string, Route>, at = '/'): Asked {
  const asked: Asked = []
  globalThis.fetch = async (input) => {
    const request = input as Request
    const { pathname: path, search: query } = new URL(request.url)
    const text = await request.text()
    const body: unknown = text.startsWith('{') || text.startsWith('[') ? JSON.parse(text) : text
    asked.push({ method: request.method, path, query, body })
    const route = routes[`${request.method} ${path}`]
    const answer = route ? route(body) : { status: 404, body: { detail: `nothing at ${path}` } }
    const { status = 200 } = answer
    return new Response(status === 204 ? null : JSON.stringify(answer.body), {
      status,
      headers: { 'Content-Type': 'application/json' },
    })
  }
  const client = new FreshClient({ retry: 0, staleTime: 0 })
  render(
    <QueryClientProvider client={client}>
      <MemoryRouter initialEntries={[at]}>
        <NoticesProvider>{piece}</NoticesProvider>
      </MemoryRouter>
    </QueryClientProvider>,
  )
  return asked
}

/** Requests of one kind. */
export const sent = (asked: Asked, method: string, path: string) =>
  asked.filter((a) => a.method === method && a.path === path)

/** A message of the server that says a text as it was written. */
export const written = (text: string) => ({ code: 'ground.asWritten', arguments: { text } })
