import { wording } from './wording'

/**
 * The text of a file; a text is its own. All files of this program are UTF-8; a letter that was guessed wrong would be kept wrong, so that
 * another file is refused.
 */
export async function textOf(file: File | string): Promise<string> {
  if (typeof file === 'string') {
    return file
  }
  const bytes = await file.arrayBuffer().catch(() => {
    throw new Error(wording.nameCannotBeReadAnyMore({ name: file.name }))
  })
  const text = decoded(bytes)
  if (text === undefined || text.includes('\0')) {
    throw new Error(wording.nameIsNoText({ name: file.name }))
  }
  return text
}

function decoded(bytes: ArrayBuffer): string | undefined {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    return undefined
  }
}
