/** The course card. Read {@link promedio.desktop.card.CardPane} first. */
package promedio.desktop.card;
