/** Hands a file to the browser to be kept. */
export function save(file: Blob, name: string) {
  const address = URL.createObjectURL(file)
  const link = document.createElement('a')
  link.href = address
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(address), 60_000)
}
