/** Asks the log line to take the cursor, wherever it is shown. */
export const FOCUS_LOG_LINE = 'quill:focus-log-line'
