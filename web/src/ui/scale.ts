/** A straight scale from what is counted to where it is drawn. */
export const scale =
  (from: number, to: number, begin: number, end: number) =>
  (value: number): number =>
    from === to ? begin : begin + ((value - from) / (to - from)) * (end - begin)

/**
 * Round values for the marks of an axis from 0, at most so many of them.
 *
 * @param most the largest value, above 0
 */
export function ticks(most: number, count: number): number[] {
  const rough = most / count
  const power = 10 ** Math.floor(Math.log10(rough))
  const step = Math.max(1, [1, 2, 5, 10].map((n) => n * power).find((n) => n >= rough) ?? rough)
  return Array.from({ length: Math.floor(most / step) }, (_, i) => (i + 1) * step)
}
