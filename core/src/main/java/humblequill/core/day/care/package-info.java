/** The usual cautions of drawing for hours. */
package humblequill.core.day.care;
