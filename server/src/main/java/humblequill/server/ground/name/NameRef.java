package humblequill.server.ground.name;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A name as documents in the database refer to it.
 *
 * @param id the name's identity
 * @param text as it was written
 */
public record NameRef(UUID id, String text) {
  /** The identity, or null without a name. */
  public static @Nullable UUID idOf(@Nullable NameRef ref) {
    return ref == null ? null : ref.id();
  }
}
