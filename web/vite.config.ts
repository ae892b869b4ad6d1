import { readFileSync } from 'node:fs'
import { dirname, resolve } from 'node:path'
import { gzipSync } from 'node:zlib'
import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import type { Plugin } from 'vite'
import { defineConfig } from 'vitest/config'

const FIRST_LOAD_LIMIT = 140 * 1024

const FIRST_WORDS =
  /src\/(app|ui|shared|shared\/(entry|logline|plan|bench)|features\/day)\/(words\/en|wording)\.ts$/

/** Fails the build when the script of the first load grows over its budget. */
function firstLoadBudget(): Plugin {
  return {
    name: 'first-load-budget',
    generateBundle(_, bundle) {
      const seen = new Set<string>()
      const visit = (name: string): number => {
        const chunk = bundle[name]
        if (seen.has(name) || chunk?.type !== 'chunk') {
          return 0
        }
        seen.add(name)
        return gzipSync(chunk.code).length + chunk.imports.reduce((sum, next) => sum + visit(next), 0)
      }
      const entry = Object.values(bundle).find((chunk) => chunk.type === 'chunk' && chunk.isEntry)
      const size = entry ? visit(entry.fileName) : 0
      this.info(`first load: ${(size / 1024).toFixed(1)} kB of script, gzip`)
      if (size > FIRST_LOAD_LIMIT) {
        this.error(`The first load has ${size} bytes of script; the limit is ${FIRST_LOAD_LIMIT}.`)
      }
    },
  }
}

/**
 * Gives messages short keys in what is built: a key tells in the source what the message says, and would weigh as much as
 * the message. Every language of a catalogue has the same keys in the order of the English one.
 */
function shortKeys(): Plugin {
  const known = new Map<string, Map<string, string>>()
  const keysOf = (folder: string) => {
    let keys = known.get(folder)
    if (!keys) {
      const messages = JSON.parse(readFileSync(`${folder}/words/en.json`, 'utf8')) as object
      keys = new Map(Object.keys(messages).map((key, i) => [key, `m${i.toString(36)}`]))
      known.set(folder, keys)
    }
    return keys
  }
  return {
    name: 'short-keys',
    apply: 'build',
    enforce: 'pre',
    transform(code, id) {
      const [path = ''] = id.split('?')
      if (/\/words\/[a-z]{2}\.ts$/.test(path)) {
        const keys = keysOf(dirname(dirname(path)))
        return {
          code: code.replace(/^ {2}(\w+):/gm, (all, key) => (keys.has(key) ? `  ${keys.get(key)}:` : all)),
          map: null,
        }
      }
      const from = /import \{ wording \} from '([^']+)'/.exec(code)?.[1]
      if (!from) {
        return null
      }
      const keys = keysOf(dirname(resolve(dirname(path), from)))
      return {
        code: code.replace(/\bwording\.(\w+)\(/g, (_, key) => `wording.${keys.get(key) ?? key}(`),
        map: null,
      }
    },
  }
}

export default defineConfig({
  plugins: [shortKeys(), react(), tailwindcss(), firstLoadBudget()],
  build: {
    outDir: '../server/target/classes/static',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    rolldownOptions: {
      output: {
        // The catalogues of the first load in one file: together they take a fifth less room.
        codeSplitting: { groups: [{ name: 'words', test: FIRST_WORDS }] },
      },
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8420' } },
  // One page for all files of a worker: making a new one for each took most of the time.
  test: {
    environment: 'jsdom',
    setupFiles: './src/test-setup.ts',
    globals: false,
    isolate: false,
    unstubGlobals: true,
    testTimeout: 30_000,
  },
})
