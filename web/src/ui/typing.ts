/** Where something is typed or chosen by keyboard. */
export const FIELDS = 'input, textarea, select, [contenteditable]'

/** Whether the learner is in a field; no other may take the keyboard from it. */
export const isTyping = () => document.activeElement?.matches(FIELDS) ?? false

/** Whether a key that was pressed is meant for the page: neither for a field or a dialog, nor for the browser. */
export const isForPage = ({ altKey, ctrlKey, metaKey, target }: KeyboardEvent) =>
  !altKey &&
  !ctrlKey &&
  !metaKey &&
  !(target instanceof Element && target.closest(`${FIELDS}, [role=dialog]`))
