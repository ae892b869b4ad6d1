package humblequill.core.promise;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.SplittableRandom;

/** Makes a prompt: one word of each list. The same seed makes the same prompt. */
public final class PromptMaker {
  private PromptMaker() {}

  /**
   * The words of a prompt.
   *
   * @param lists none of them empty
   * @param seed tells prompts apart
   * @param rerolls how often each word was drawn anew; another number gives another word until the
   *     list is through
   */
  public static List<String> words(List<List<String>> lists, long seed, List<Integer> rerolls) {
    var words = new ArrayList<String>();
    for (int i = 0; i < lists.size(); i++) {
      var shuffled = new ArrayList<>(lists.get(i));
      if (shuffled.isEmpty()) {
        throw new InvalidException(Message.of("promise.listWithoutWords", "list", (i + 1)));
      }
      Collections.shuffle(shuffled, new Random(new SplittableRandom(31 * seed + i).nextLong()));
      words.add(shuffled.get(Math.floorMod(rerolls.get(i), shuffled.size())));
    }
    return words;
  }
}
