/** Entries: what was drawn. */
package humblequill.core.day.entry;
