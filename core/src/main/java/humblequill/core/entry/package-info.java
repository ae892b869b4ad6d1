/** Entries: what was drawn. */
package humblequill.core.entry;
