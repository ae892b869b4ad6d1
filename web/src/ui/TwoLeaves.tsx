import type { HTMLAttributes, ReactNode } from 'react'

/** Two leaves of the spread side by side, with the gutter between; one under the other where it is narrow. */
export function TwoLeaves({ children }: { children: ReactNode }) {
  return <div className={TWO_LEAVES}>{children}</div>
}

/** The same, for a form that holds both leaves. */
export const TWO_LEAVES = 'wide:gutter wide:grid-cols-2 grid flex-1 content-start'

/** One leaf; the second is told apart from the first by a line where it lies below. */
export function Leaf({
  second = false,
  className = '',
  children,
  ...rest
}: HTMLAttributes<HTMLElement> & { second?: boolean; ref?: React.Ref<HTMLElement> }) {
  return (
    <section
      className={`wide:px-8 min-w-0 px-4 py-6 ${second ? 'border-hairline wide:border-t-0 border-t' : ''} ${className}`}
      {...rest}
    >
      {children}
    </section>
  )
}
