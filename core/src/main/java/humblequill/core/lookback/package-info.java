/** Looking back: what a week was, what follows from it, months and phases. */
package humblequill.core.lookback;
