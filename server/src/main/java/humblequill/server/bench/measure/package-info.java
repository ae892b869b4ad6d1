/** Measuring helps beside a reference or alone. */
@NullMarked
package humblequill.server.bench.measure;

import org.jspecify.annotations.NullMarked;
