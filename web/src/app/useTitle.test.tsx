import { act, render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Link, MemoryRouter } from 'react-router'
import { expect, test } from 'vitest'
import { useTitle } from './useTitle'

function Page({ heading }: { heading?: string }) {
  const cameTo = useTitle()
  return (
    <>
      {heading === undefined ? <p>Reading…</p> : <h1>{heading}</h1>}
      <Link to="/elsewhere">elsewhere</Link>
      <p role="status">{cameTo}</p>
    </>
  )
}

test('a window is called as its page is headed, and anew when another comes', async () => {
  const { rerender, unmount } = render(<Page />, { wrapper: MemoryRouter })
  await waitFor(() => expect(document.title).toBe('Humble Quill'))
  rerender(<Page heading="Hull, number 29" />)
  await waitFor(() => expect(document.title).toBe('Hull, number 29 – Humble Quill'))
  rerender(<Page heading="Topics" />)
  await waitFor(() => expect(document.title).toBe('Topics – Humble Quill'))
  unmount()
})

test('the page that is come to is said, yet neither the first one nor a heading that is being written', async () => {
  const { rerender, unmount } = render(<Page heading="Today" />, { wrapper: MemoryRouter })
  const said = screen.getByRole('status')
  expect(said).toBeEmptyDOMElement()
  rerender(<Page />)
  await userEvent.click(screen.getByText('elsewhere'))
  expect(said).toBeEmptyDOMElement()
  rerender(<Page heading="Quay at low tide" />)
  await waitFor(() => expect(said).toHaveTextContent('Quay at low tide'))
  await act(async () => rerender(<Page heading="Quay at low tide, in fog" />))
  await waitFor(() => expect(document.title).toBe('Quay at low tide, in fog – Humble Quill'))
  expect(said).toHaveTextContent(/^Quay at low tide$/)
  unmount()
})
