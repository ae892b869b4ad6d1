import '@testing-library/jest-dom/vitest'
import { cleanup, configure } from '@testing-library/react'
import { afterEach } from 'vitest'
import { loadPhrases } from './shared/said/useSaid'

// How long a hanging test may hang, and nothing about speed: a busy machine takes its time.
configure({ asyncUtilTimeout: 30_000 })

afterEach(cleanup)

class NoResizes {
  observe() {}
  unobserve() {}
  disconnect() {}
}

globalThis.ResizeObserver ??= NoResizes
Element.prototype.scrollIntoView ??= () => {}
Element.prototype.hasPointerCapture ??= () => false
window.scrollTo = () => {}
globalThis.matchMedia ??= () => ({ matches: false }) as MediaQueryList

await loadPhrases()
