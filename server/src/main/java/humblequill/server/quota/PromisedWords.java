package humblequill.server.quota;

import humblequill.core.logline.Word;
import humblequill.core.logline.WordKind;
import humblequill.server.entry.NamedElsewhere;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What promises count by: a line that names it is to be counted. */
@Component
class PromisedWords implements NamedElsewhere {
  private final QuotaCounts counts;

  PromisedWords(QuotaCounts counts) {
    this.counts = counts;
  }

  @Override
  public List<Word> words() {
    var words = new ArrayList<Word>();
    for (var quota : counts.all()) {
      add(words, WordKind.TOPIC, quota.terms().topic());
      add(words, WordKind.BOOK, quota.terms().book());
    }
    return words;
  }

  private static void add(List<Word> words, WordKind kind, @Nullable String name) {
    if (name != null && name.codePoints().anyMatch(Character::isLetterOrDigit)) {
      words.add(Word.writtenBefore(kind, name.strip()));
    }
  }
}
