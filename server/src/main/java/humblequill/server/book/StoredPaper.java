package humblequill.server.book;

import humblequill.core.book.Paper;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.name.NameRef;
import java.util.Arrays;
import java.util.List;

/** How a paper takes a medium, as it is stored. See docs/formats/stored.md. */
record StoredPaper(NameRef medium, String takes) {
  static String write(List<StoredPaper> paper) {
    return StoredJson.write(paper);
  }

  static List<StoredPaper> read(String text) {
    return Arrays.asList(StoredJson.read(text, StoredPaper[].class));
  }

  Paper paper() {
    return StoredJson.kind(Paper.class, takes);
  }
}
