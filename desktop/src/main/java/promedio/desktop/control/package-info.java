/** Parts that several pages are made of: words to press, choices in a sentence, ways to go on, bars. */
package promedio.desktop.control;
