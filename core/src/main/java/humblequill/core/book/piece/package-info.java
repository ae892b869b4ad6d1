/** Staged pieces: one drawing over several days, each stage with a question at its gate. */
package humblequill.core.book.piece;
