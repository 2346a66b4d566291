/** The course card: the conventions of a course, each a key with its choices. Read {@link promedio.core.course.CourseCard} first. */
package promedio.core.course;
