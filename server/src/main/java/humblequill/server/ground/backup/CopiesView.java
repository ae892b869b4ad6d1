package humblequill.server.ground.backup;

import humblequill.core.ground.message.Message;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The copies and how they are.
 *
 * @param folder where they lie
 * @param count good ones
 * @param oldest of the good ones; null if there is none
 * @param newest of the good ones; null if there is none
 * @param damaged those that cannot be read whole any more
 * @param trouble why the last try failed; null if it succeeded
 * @param second the second place; null if none is named
 * @param refusal why nothing can be written just now; null if it can
 */
record CopiesView(
    String folder,
    int count,
    @Nullable LocalDateTime oldest,
    @Nullable Newest newest,
    List<Damaged> damaged,
    CopyKeeper.@Nullable Trouble trouble,
    @Nullable Second second,
    @Nullable Message refusal) {
  /**
   * The newest good copy.
   *
   * @param entries in it; null where a copy from before does not say
   * @param proven whether it was opened and compared row by row when it was made
   */
  record Newest(LocalDateTime at, long bytes, @Nullable Long entries, boolean proven) {}

  /** A copy that cannot be read whole, and why. */
  record Damaged(String file, Message damage) {}

  /**
   * The second place.
   *
   * @param present whether it is there now
   * @param newest the newest copy in it; null if there is none, or it is not there
   * @param trouble why the last try to bring copies there failed; null if it succeeded
   */
  record Second(
      String path, boolean present, @Nullable LocalDateTime newest, @Nullable Message trouble) {}
}
