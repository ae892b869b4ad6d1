package humblequill.server.bench;

/**
 * How a picture is seen.
 *
 * @param way tells apart how it is turned and made straight; the same for the same look
 * @param ratio width ÷ height
 * @param straight whether it is known on it what is upright
 */
public record PictureLook(String way, double ratio, boolean straight) {}
