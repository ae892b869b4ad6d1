/** Promises with a count: can they be kept, and how do they go. */
package humblequill.core.promise;
