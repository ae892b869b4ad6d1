import { answer, api, type Schemas } from '../api/client'
import { wording } from './wording'

export type Picture = Schemas['PagePicture']

/** Where a picture lies, upright and scaled. */
export const pictureAt = (id: string, size: 'SMALL' | 'LARGE') => `/api/pictures/${id}/${size}`

/** Sends one picture; it waits in the tray until it is put on its page. */
export const sendPicture = (file: File, signal?: AbortSignal) =>
  answer(
    api.PUT('/api/pictures/{id}', {
      params: { path: { id: crypto.randomUUID() }, query: { name: file.name || wording.pastedPicture() } },
      headers: { 'Content-Type': 'application/octet-stream' },
      body: file as unknown as undefined,
      bodySerializer: (body: unknown) => body as BodyInit,
      ...(signal ? { signal } : {}),
    }),
  )

/** Puts a picture on a page; beside its own picture where it has one. */
export const placePicture = (id: string, book: string, number: number, beside = false) =>
  answer(api.PUT('/api/pictures/{id}/page', { params: { path: { id } }, body: { book, number, beside } }))
