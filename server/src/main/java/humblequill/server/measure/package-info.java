/** Measuring helps beside a reference or alone. */
@NullMarked
package humblequill.server.measure;

import org.jspecify.annotations.NullMarked;
