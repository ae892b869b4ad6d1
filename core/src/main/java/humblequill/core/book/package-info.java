/** Sketchbooks: their pages, how far they are filled and when they will be full. */
package humblequill.core.book;
