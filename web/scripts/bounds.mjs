// Writes the bounds of every number and text that the server takes, as the API's document states them.
// With --check it writes nothing and fails where the written file is not what it would write.
import { readFileSync, writeFileSync } from 'node:fs'
import process from 'node:process'
import { format } from 'prettier'

const DOCUMENT = '../docs/api/openapi.json'
const WRITTEN = 'src/api/generated/bounds.ts'

const { schemas } = JSON.parse(readFileSync(DOCUMENT, 'utf8')).components
const bounds = {}
for (const [name, { properties = {} }] of Object.entries(schemas)) {
  for (const [field, { minimum: min, maximum: max, maxLength }] of Object.entries(properties)) {
    if (min !== undefined || max !== undefined || maxLength !== undefined) {
      ;(bounds[name] ??= {})[field] = { min, max, maxLength }
    }
  }
}
const text = await format(
  `/** Bounds of what the server takes, by the names of the API. Made from its document; not to be edited. */
export const BOUNDS = ${JSON.stringify(bounds)} as const
`,
  { ...JSON.parse(readFileSync('.prettierrc.json', 'utf8')), plugins: [], parser: 'typescript' },
)
if (!process.argv.includes('--check')) {
  writeFileSync(WRITTEN, text)
} else if (readFileSync(WRITTEN, 'utf8') !== text) {
  process.stderr.write(`${WRITTEN} is not what the API's document says: run "npm run api".` + '\n')
  process.exit(1)
}
