/**
 * What the program says: a key with facts, turned into words by the bundle {@code sentences.properties}. Read {@link
 * promedio.core.sentence.Sentence} first.
 */
package promedio.core.sentence;
