/** The messages of one catalogue. */
type Catalogue = Record<string, (args: never) => string>

/** A language made up for tests: every letter is accented, every text longer and in brackets. */
const MADE_UP = 'xx'

/** The language of the pages; it holds until the page is loaded anew. */
const LANGUAGE = localStorage.getItem('language') ?? document.documentElement.lang

/**
 * A catalogue in the language of the pages; in English where it has none in that.
 *
 * @param others loads the same messages in other languages, by tag
 */
export async function inLanguage<C extends object>(
  english: C,
  others: Record<string, () => Promise<C>> = {},
): Promise<C> {
  if (LANGUAGE === MADE_UP) {
    return madeUp(english)
  }
  return (await others[LANGUAGE]?.()) ?? english
}

const forms = new Intl.PluralRules(LANGUAGE === MADE_UP ? 'en' : LANGUAGE || 'en')

/** The case of a message that goes with a count: its exact one, such as "=0", else that of its plural form. */
export function plural(count: number, cases: Record<string, string>): string {
  return cases[`=${count}`] ?? cases[forms.select(count)] ?? cases.other ?? ''
}

/** The case of a message that goes with a word, or with a yes or no. */
export const select = (word: string | boolean, cases: Record<string, string>) =>
  cases[String(word)] ?? cases.other ?? ''

const ACCENTS: Record<string, string> = { a: 'á', e: 'é', i: 'í', o: 'ó', u: 'ú', n: 'ñ', c: 'ç', y: 'ý' }

/** A text as the made-up language has it. */
const longer = (text: string) =>
  text === ''
    ? ''
    : `[${text.replace(/[aeiouncy]/g, (letter) => ACCENTS[letter] ?? letter)}${'~'.repeat(Math.ceil(text.length * 0.4))}]`

const madeUp = <C extends object>(english: C): C =>
  Object.fromEntries(
    Object.entries(english as Catalogue).map(([key, message]) => [
      key,
      (args: never) => longer(message(args)),
    ]),
  ) as C
