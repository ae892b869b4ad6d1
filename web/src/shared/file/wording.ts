import { inLanguage } from '../../ui/language'
import { messages } from './words/en'

/** The messages of this part, in the language of the pages. */
export const wording = await inLanguage(messages)
