/** Asks the log line to take the cursor, wherever it is shown. */
export const FOCUS_LOG_LINE = 'quill:focus-log-line'

/** Tells the log line that what stands in it was kept by the form. */
export const LINE_KEPT = 'quill:line-kept'
