/**
 * Heights for labels beside a picture, as near to what they name as they can be without lying on one another.
 *
 * @param at heights of what they name, 0 to 1, in rising order
 * @param gap least distance of two labels
 * @returns heights in the same order, within 0 and 1 as long as there is room
 */
export function spread(at: number[], gap: number): number[] {
  const places: number[] = []
  for (const y of at) {
    places.push(Math.max(y, (places.at(-1) ?? -gap) + gap))
  }
  let most = Math.max(1, (places.length - 1) * gap)
  for (let i = places.length - 1; i >= 0; i--) {
    places[i] = Math.min(places[i] ?? 0, most)
    most = (places[i] ?? 0) - gap
  }
  return places
}
