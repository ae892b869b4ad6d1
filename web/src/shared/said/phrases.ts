import type { Schemas } from '../../api/client'
import { inLanguage } from '../../ui/language'
import { upperFirst } from '../../ui/text'
import { messages } from './en'

/** A message of the server: which it is, and what it names. */
export type Message = Schemas['Message']

/** What a message names: texts, numbers, yes or no, and further messages. */
type Arguments = Record<string, unknown>

const catalogue: Record<string, (args: Arguments) => string> = await inLanguage(
  messages as unknown as Record<string, (args: Arguments) => string>,
)

const isMessage = (value: unknown): value is Message =>
  typeof value === 'object' && value !== null && 'code' in value

/** What is usually a part of a sentence, as one of its own. */
const SENTENCE = 'ground.sentence'

/** A message in words. A program that is newer than this page may say what this one has no words for. */
export function phrase({ code, arguments: named }: Message): string {
  const args = Object.entries(named).map(([name, value]) => [name, isMessage(value) ? phrase(value) : value])
  const said = catalogue[code]?.(Object.fromEntries(args) as Arguments) ?? code
  return code === SENTENCE ? upperFirst(said) : said
}
