/** Reading a course that is written in plain lines, as one notes a syllabus on paper. */
package humblequill.core.course.syllabus;
