/** The same text with a capital at its beginning. */
export const upperFirst = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

/** The same in lower case without accents, to look for. */
export const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()
