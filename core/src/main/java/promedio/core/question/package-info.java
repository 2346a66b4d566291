/** Questions as they are printed: words and data together, and what they ask. Read {@link promedio.core.question.QuestionReader} first. */
package promedio.core.question;
