// Makes the functions of each catalogue: one for each message, with the names of its arguments as types. Messages are in
// ICU form; they are parsed here, so that no parser ships. With --check, tells whether what is there is as it would be made.
import { parse, TYPE } from '@formatjs/icu-messageformat-parser'
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import console from 'node:console'
import { basename, dirname, join, relative } from 'node:path'
import process from 'node:process'
import prettier from 'prettier'

const SOURCES = join(import.meta.dirname, '../src')
const LANGUAGE = join(SOURCES, 'ui/language')
const SERVER = join(import.meta.dirname, '../../server/src/main/resources/words')

const catalogues = readdirSync(SOURCES, { recursive: true, encoding: 'utf8' })
  .filter((path) => /(^|\/)words\/[a-z]{2}\.json$/.test(path))
  .map((path) => join(SOURCES, path))

/** The type of each argument, by its name. */
function args(elements, found = new Map()) {
  for (const e of elements) {
    if (e.type === TYPE.argument) {
      found.set(e.value, found.get(e.value) ?? 'string | number')
    } else if (e.type === TYPE.number) {
      found.set(e.value, 'number')
    } else if (e.type === TYPE.plural) {
      found.set(e.value, 'number')
      Object.values(e.options).forEach((o) => args(o.value, found))
    } else if (e.type === TYPE.select) {
      const cases = Object.keys(e.options)
      found.set(e.value, cases.includes('true') || cases.includes('false') ? 'boolean' : 'string')
      Object.values(e.options).forEach((o) => args(o.value, found))
    }
  }
  return found
}

/** The parts of a message as the inside of a template literal. */
function template(elements, counted) {
  return elements
    .map((e) => {
      switch (e.type) {
        case TYPE.literal:
          return e.value.replace(/[`\\]|\$\{/g, '\\$&')
        case TYPE.argument:
        case TYPE.number:
          return `\${a.${e.value}}`
        case TYPE.pound:
          return `\${a.${counted}}`
        case TYPE.plural:
          return `\${plural(a.${e.value}, ${cases(e, e.value)})}`
        case TYPE.select:
          return `\${select(a.${e.value}, ${cases(e, counted)})}`
        default:
          throw new Error(`"${JSON.stringify(e)}" is not used in messages`)
      }
    })
    .join('')
}

const cases = (e, counted) =>
  `{ ${Object.entries(e.options)
    .map(([key, o]) => `'${key}': \`${template(o.value, counted)}\``)
    .join(', ')} }`

const made = (file) => functions(JSON.parse(readFileSync(file, 'utf8')), basename(file), dirname(file))

/**
 * Functions of messages, as source.
 *
 * @param from where they come from, as an error and the file tell it
 * @param folder the source lies in
 */
function functions(messages, from, folder) {
  const each = Object.entries(messages).map(([key, told]) => {
    const message = typeof told === 'string' ? told : told.message
    let parsed
    try {
      parsed = parse(message, { ignoreTag: true, shouldParseSkeletons: false })
    } catch (error) {
      throw new Error(`${from}: ${key}: ${error.message}`, { cause: error })
    }
    const types = [...args(parsed)].map(([name, type]) => `${name}: ${type}`)
    return `${/\W/.test(key) ? `'${key}'` : key}: (${types.length > 0 ? `a: { ${types.join('; ')} }` : ''}) => \`${template(parsed)}\``
  })
  const text = each.join(',\n')
  const used = ['plural', 'select'].filter((name) => new RegExp(`\\b${name}\\(a\\.`).test(text))
  const path = relative(folder, LANGUAGE)
  const imports = used.length > 0 ? `import { ${used.join(', ')} } from '${path}'\n\n` : ''
  return `// Made from ${from} by "npm run words".\n${imports}export const messages = {\n${text}\n}\n`
}

/** Messages that nothing says any more. */
function unused(file) {
  const users = readdirSync(SOURCES, { recursive: true, encoding: 'utf8' })
    .filter((path) => /\.tsx?$/.test(path) && !/\/words\//.test(path))
    .map((path) => [join(SOURCES, path), readFileSync(join(SOURCES, path), 'utf8')])
    .filter(([path, text]) => {
      const from = /import \{ wording \} from '([^']+)'/.exec(text)?.[1]
      return from && dirname(join(dirname(path), from)) === dirname(dirname(file))
    })
  const said = new Set(
    users.flatMap(([, text]) => [...text.matchAll(/\bwording\.(\w+)\(/g)].map((m) => m[1])),
  )
  return Object.keys(JSON.parse(readFileSync(file, 'utf8'))).filter((key) => !said.has(key))
}

/** The server's messages by their codes, in one file: a page says few of them, and does not know beforehand which. */
function ofServer(language) {
  const rooms = readdirSync(SERVER).sort()
  const told = rooms.flatMap((room) => {
    const file = join(SERVER, room, `${language}.json`)
    return Object.entries(JSON.parse(readFileSync(file, 'utf8'))).map(([key, m]) => [`${room}.${key}`, m])
  })
  return functions(Object.fromEntries(told), 'the catalogues of the server', join(SOURCES, 'shared/said'))
}

let differ = 0
const targets = [
  ...catalogues.map((file) => [file.replace(/\.json$/, '.ts'), made(file)]),
  [join(SOURCES, 'shared/said/en.ts'), ofServer('en')],
]
for (const file of catalogues) {
  for (const key of unused(file)) {
    console.error(`${relative(SOURCES, file)}: nothing says ${key} any more.`)
    differ++
  }
}
for (const [target, made] of targets) {
  const options = await prettier.resolveConfig(target)
  const text = await prettier.format(made, { ...options, parser: 'typescript' })
  let there = ''
  try {
    there = readFileSync(target, 'utf8')
  } catch {
    // It is made for the first time.
  }
  if (there !== text) {
    if (process.argv.includes('--check')) {
      console.error(`${relative(SOURCES, target)} is not as "npm run words" makes it.`)
      differ++
    } else {
      writeFileSync(target, text)
    }
  }
}
process.exit(process.argv.includes('--check') && differ > 0 ? 1 : 0)
