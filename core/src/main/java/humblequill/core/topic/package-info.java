/** Topics, what each needs first, and the order that follows. */
package humblequill.core.topic;
