import { Component, type ReactNode } from 'react'
import { Button } from './Button'
import { wording } from './wording'

type Props = {
  /** Which page it is; another one is tried anew. */
  at?: string
  children: ReactNode
}

/** Shown where a page broke, instead of an empty window; what was written before is kept by the server. */
export class Mishap extends Component<Props, { error?: Error | undefined }> {
  override state: { error?: Error | undefined } = {}

  static getDerivedStateFromError(error: Error) {
    return { error }
  }

  override componentDidUpdate(before: Props) {
    if (before.at !== this.props.at) {
      this.setState({ error: undefined })
    }
  }

  override render() {
    return this.state.error ? (
      <div role="alert" className="p-8">
        <h1>{wording.thisPageBroke()}</h1>
        <p>
          {wording.everythingThatWasSavedIsSafe()} <code>{this.state.error.message}</code>
        </p>
        <Button look="ink" className="mt-3" onClick={() => location.reload()}>
          {wording.openItAgain()}
        </Button>
      </div>
    ) : (
      this.props.children
    )
  }
}
