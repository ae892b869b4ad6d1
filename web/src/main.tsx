import { QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter } from 'react-router'
import { FreshClient } from './api/FreshClient'
import { App } from './app/App'
import { Mishap } from './ui/Mishap'
import './styles.css'

const client = new FreshClient()

const root = document.getElementById('root')
if (root) {
  // After an update the server has no pieces of the page that was open any more; the new page has its own.
  const RELOADED = 'quill:reloaded'
  window.addEventListener('vite:preloadError', (event) => {
    if (sessionStorage.getItem(RELOADED) !== String(event.payload)) {
      sessionStorage.setItem(RELOADED, String(event.payload))
      event.preventDefault()
      location.reload()
    }
  })

  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <BrowserRouter>
          <Mishap>
            <App />
          </Mishap>
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  )
}
