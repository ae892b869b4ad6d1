/** The learner's calendar: practice days, minutes, rest and pauses. */
package humblequill.core.ground.calendar;
