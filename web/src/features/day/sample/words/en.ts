// Made from en.json by "npm run words".
export const messages = {
  aSampleOfTheLineThat: () => `A sample of the line that your days will draw.`,
  aSample: () => `a sample`,
  yourDaysWillStandHereAs: () =>
    `Your days will stand here as one stroke of the pen: the longer you draw, the thicker; rest is dotted, a missed day is thin or a gap. The first drawing begins it.`,
}
