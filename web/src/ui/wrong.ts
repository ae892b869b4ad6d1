/** Takes the keyboard to the first field that says what is wrong with it, as it may be out of sight. */
export const goToWrong = (within: Element | null | undefined) =>
  within?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus()
