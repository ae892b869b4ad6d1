import { render, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import { useTitle } from './useTitle'

function Page({ heading }: { heading?: string }) {
  useTitle()
  return heading === undefined ? <p>Reading…</p> : <h1>{heading}</h1>
}

test('a window is called as its page is headed, and anew when another comes', async () => {
  const { rerender, unmount } = render(<Page />)
  await waitFor(() => expect(document.title).toBe('Humble Quill'))
  rerender(<Page heading="Hull, number 29" />)
  await waitFor(() => expect(document.title).toBe('Hull, number 29 – Humble Quill'))
  rerender(<Page heading="Topics" />)
  await waitFor(() => expect(document.title).toBe('Topics – Humble Quill'))
  unmount()
})
