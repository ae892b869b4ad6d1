package humblequill.server.entry;

import humblequill.core.logline.Word;
import java.util.List;

/** Topics and books that are named elsewhere than in entries, as promises do. */
public interface NamedElsewhere {
  /** Words that the log line is to know from there. */
  List<Word> words();
}
