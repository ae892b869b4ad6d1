/** The same text with a capital at its beginning. */
export const upperFirst = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
