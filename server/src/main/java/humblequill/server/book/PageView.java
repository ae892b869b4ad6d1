package humblequill.server.book;

import humblequill.core.book.PageState;
import humblequill.server.book.picture.PagePicture;
import humblequill.server.day.entry.EntryView;
import humblequill.server.day.entry.Serving;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A page with all that is known of it.
 *
 * @param loose whether it is a loose sheet
 * @param state what became of it: as told, else by entries and pictures
 * @param told what the learner told of it
 * @param pictures its own first, then those beside it
 * @param layers entries on it, oldest first
 * @param served weeks of courses and promises that its entries served
 * @param before the page before that has something to see; null without one
 * @param after the page after that has something to see; null without one
 * @param family what it came out of and grew into, itself among them; empty without any
 */
public record PageView(
    UUID bookId,
    String book,
    boolean bookKeptPrivate,
    boolean notJudged,
    boolean loose,
    int number,
    int pages,
    PageState state,
    PageFields told,
    List<PagePicture> pictures,
    List<EntryView> layers,
    List<Serving.Served> served,
    @Nullable Integer before,
    @Nullable Integer after,
    List<Relative> family) {
  /**
   * A page of the same family.
   *
   * @param outOf pages it came out of directly
   * @param words said of how it came out of them; empty for nothing
   */
  public record Relative(
      UUID bookId, String book, int number, @Nullable UUID picture, List<Step> outOf) {}

  /**
   * One step of the family.
   *
   * @param id of the step, by which it can be taken back
   */
  public record Step(UUID id, String book, int number, String words) {}
}
