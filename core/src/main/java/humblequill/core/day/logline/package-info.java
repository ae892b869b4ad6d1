/** The log line: one written line turned into an entry and back. */
package humblequill.core.day.logline;
