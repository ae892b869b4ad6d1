/** Timed sittings: ladders of poses that fill the time exactly, and the clock that runs them. */
package humblequill.core.sitting;
