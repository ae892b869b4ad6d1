import { wording } from './wording'
/** Asks the log line to take the cursor, wherever it is shown. */
export const FOCUS_LOG_LINE = 'quill:focus-log-line'

/** What an address carries that leads to the log line on any page, also on a narrow one. */
export const TO_LOG_LINE = wording.toTheLogLine()

/** Tells the log line that what stands in it was kept by the form. */
export const LINE_KEPT = 'quill:line-kept'
