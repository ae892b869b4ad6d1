import { useRef } from 'react'
import { Link } from 'react-router'
import { Button, LINE_LINK } from '../../ui/Button'
import { useOwn } from './useOwn'

/** Ways to a plate of one's own: made here, or brought in as files. */
export function BringIn() {
  const input = useRef<HTMLInputElement>(null)
  const { bringIn } = useOwn()
  return (
    <p className="mt-5 flex flex-wrap items-baseline gap-x-5">
      <Link to="/recall/own/plates/new" className={LINE_LINK}>
        Make a plate of your own
      </Link>
      <Button disabled={bringIn.isPending} onClick={() => input.current?.click()}>
        Bring in files
      </Button>
      <input
        ref={input}
        type="file"
        multiple
        accept=".yaml,.yml,.json,.svg,image/*"
        className="sr-only"
        tabIndex={-1}
        aria-label="Files of a plate: its YAML and its picture; or the YAML of an order"
        onChange={(event) => {
          const files = [...(event.target.files ?? [])]
          event.target.value = ''
          if (files.length > 0) {
            bringIn.mutate(files)
          }
        }}
      />
    </p>
  )
}
