/** What is learned from: how far it is read, how it was used, when it will be done, what waits. */
package humblequill.core.shelf;
