import { gzipSync } from 'node:zlib'
import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import type { Plugin } from 'vite'
import { defineConfig } from 'vitest/config'

const FIRST_LOAD_LIMIT = 140 * 1024

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

export default defineConfig({
  plugins: [react(), tailwindcss(), firstLoadBudget()],
  build: {
    outDir: '../server/target/classes/static',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8420' } },
  // One page for all files of a worker: making a new one for each took most of the time.
  test: {
    environment: 'jsdom',
    setupFiles: './src/test-setup.ts',
    globals: false,
    isolate: false,
    unstubGlobals: true,
    testTimeout: 120_000,
  },
})
