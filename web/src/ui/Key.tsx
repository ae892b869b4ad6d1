/** A key as it is shown beside what it does. */
export function Key({ name }: { name: string }) {
  return (
    <kbd className="border-faded rounded-paper inline-grid min-w-6 place-items-center border px-1 font-sans text-xs leading-5">
      {name}
    </kbd>
  )
}
