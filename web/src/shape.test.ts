import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join, relative, resolve } from 'node:path'
import { expect, test } from 'vitest'

const ROOT = resolve(import.meta.dirname)

/** What each part may stand on; a feature stands on no other feature. */
const ALLOWED: Record<string, string[]> = {
  api: ['api'],
  ui: ['ui'],
  shared: ['shared', 'ui', 'api'],
  features: ['shared', 'ui', 'api'],
  app: ['app', 'features', 'shared', 'ui', 'api'],
}

const sources = readdirSync(ROOT, { recursive: true, encoding: 'utf8' }).filter(
  (path) => /\.tsx?$/.test(path) && !/\.test\.tsx?$/.test(path) && path.includes('/'),
)

const imports = (path: string) =>
  [...readFileSync(join(ROOT, path), 'utf8').matchAll(/(?:from|import\()\s*'(\.[^']*)'/g)].map((found) =>
    relative(ROOT, resolve(ROOT, dirname(path), found[1] ?? '')),
  )

test('every part stands only on those it may', () => {
  const wrong = sources.flatMap((path) => {
    const [part = '', own = ''] = path.split('/')
    return imports(path)
      .filter((target) => {
        const [layer = '', feature = ''] = target.split('/')
        return !ALLOWED[part]?.includes(layer) && !(part === layer && feature === own)
      })
      .map((target) => `${path} imports ${target}`)
  })
  expect(wrong).toEqual([])
})
