/**
 * The room a picture takes once it has come, so that nothing beside or below it moves then. It wants `max-w-full`.
 *
 * @param tallest - a length of CSS
 */
export const roomFor = ({ width, height }: { width: number; height: number }, tallest: string) => ({
  aspectRatio: `${width} / ${height}`,
  width: `min(${width}px, ${tallest} * ${width / height})`,
})
