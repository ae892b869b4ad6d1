// Made from en.json by "npm run words".
export const messages = {
  nameCannotBeReadAnyMore: (a: { name: string | number }) =>
    `“${a.name}” cannot be read any more. Choose it again.`,
  nameIsNoText: (a: { name: string | number }) =>
    `“${a.name}” is no UTF-8 text. Save it as UTF-8 and choose it again.`,
}
