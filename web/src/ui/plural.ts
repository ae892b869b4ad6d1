/** The noun that goes with a count: "day" with 1, "days" with any other. */
export const noun = (count: number, one: string, many = `${one}s`) => (count === 1 ? one : many)

/** A count with its noun: "1 day", "3 days". */
export const plural = (count: number, one: string, many?: string) => `${count} ${noun(count, one, many)}`
