/** Shares: from a week's quantities to what to draw today. */
package humblequill.core.course.plan;
