/** Where something is typed or chosen by keyboard. */
export const FIELDS = 'input, textarea, select, [contenteditable]'

/** Whether the learner is in a field; no other may take the keyboard from it. */
export const isTyping = () => document.activeElement?.matches(FIELDS) ?? false
