/** What all this is for: a board of pictures, goals that are asked again, and open ends. */
@org.jspecify.annotations.NullMarked
package humblequill.server.lookback.whatfor;
