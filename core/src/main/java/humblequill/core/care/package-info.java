/** The usual cautions of drawing for hours. */
package humblequill.core.care;
