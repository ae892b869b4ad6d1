/** Pictures of pages: where the paper lies in them, how it is seen straight, and in even light. */
package humblequill.core.book.picture;
