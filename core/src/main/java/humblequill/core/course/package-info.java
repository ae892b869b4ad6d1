/** Courses: ordered weeks of exercises, and their place on the calendar. */
package humblequill.core.course;
