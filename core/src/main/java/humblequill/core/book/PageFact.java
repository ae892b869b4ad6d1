package humblequill.core.book;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.util.Objects;
import java.util.UUID;

/**
 * What the learner, or a picture, tells of a page beyond its entries.
 *
 * @param id stays with the page when its number is put right
 * @param number its position in the book, from 1 on
 * @param state as told; {@link PageState#UNTOUCHED} where nothing was told
 * @param words what a free page waits for, where a torn-out one is, what was glued in; may be empty
 * @param favourite whether its corner is folded
 * @param pictures how many pictures of it there are
 */
public record PageFact(
    UUID id, int number, PageState state, String words, boolean favourite, int pictures) {
  /** The longest words about a page, in characters. */
  public static final int MAX_WORDS = 400;

  public PageFact {
    Objects.requireNonNull(state, "state");
    if (number < 1) {
      throw new InvalidException(Message.of("book.pagesFromOne", "number", number));
    }
    if (words.length() > MAX_WORDS) {
      throw new InvalidException(
          Message.of("book.wordsOfPage", "most", MAX_WORDS, "words", words.length()));
    }
  }
}
