import { Component, type ReactNode } from 'react'
import { Button } from './Button'

/** Shown where a page broke, instead of an empty window; what was written before is kept by the server. */
export class Mishap extends Component<{ children: ReactNode }, { error?: Error }> {
  override state: { error?: Error } = {}

  static getDerivedStateFromError(error: Error) {
    return { error }
  }

  override render() {
    return this.state.error ? (
      <div role="alert" className="p-8">
        <h1>This page broke</h1>
        <p>
          Everything that was saved is safe. What the page said: <code>{this.state.error.message}</code>
        </p>
        <Button look="ink" className="mt-3" onClick={() => location.reload()}>
          Open it again
        </Button>
      </div>
    ) : (
      this.props.children
    )
  }
}
