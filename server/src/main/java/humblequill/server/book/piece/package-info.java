/** Staged pieces: their stages and gates, what was logged for each, templates. */
package humblequill.server.book.piece;
