/** Steps in another order than they came in; of one step there is none. */
export function mixed(steps: string[], random: () => number = Math.random): string[] {
  const left = [...steps]
  const found: string[] = []
  while (left.length > 0) {
    found.push(...left.splice(Math.floor(random() * left.length), 1))
  }
  const same = found.every((step, i) => step === steps[i])
  return same && steps.length > 1 ? [...found.slice(1), found[0] ?? ''] : found
}
