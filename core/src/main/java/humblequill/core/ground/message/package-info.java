/** Sentences by code and arguments, for whoever has the words. */
package humblequill.core.ground.message;
