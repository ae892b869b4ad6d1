package humblequill.core.logline;

import java.util.List;

/**
 * The media and sources that every learner starts with. Names are the field's; common practice, no
 * published source.
 */
public final class StandardWords {
  private StandardWords() {}

  /** Media with their usual spellings. */
  public static List<Word> media() {
    return List.of(
        Word.of(WordKind.MEDIUM, "graphite", "pencil", "graphite pencil", "lead"),
        Word.of(
            WordKind.MEDIUM, "pen", "fineliner", "fine liner", "ink pen", "ballpoint", "dip pen"),
        Word.of(WordKind.MEDIUM, "brush pen", "brushpen"),
        Word.of(WordKind.MEDIUM, "charcoal", "coal", "willow charcoal"),
        Word.of(WordKind.MEDIUM, "ink wash", "wash", "brush and ink"),
        Word.of(WordKind.MEDIUM, "marker", "felt pen", "felt tip"),
        Word.of(WordKind.MEDIUM, "watercolour", "watercolor", "water colour", "aquarelle"),
        Word.of(
            WordKind.MEDIUM, "coloured pencil", "colored pencil", "colour pencil", "color pencil"),
        Word.of(WordKind.MEDIUM, "pastel", "soft pastel", "oil pastel"),
        Word.of(WordKind.MEDIUM, "digital", "tablet"));
  }

  /** Sources with their usual spellings. */
  public static List<Word> sources() {
    return List.of(
        Word.of(
            WordKind.SOURCE,
            "life",
            "from life",
            "observation",
            "from observation",
            "live",
            "on location"),
        Word.of(
            WordKind.SOURCE,
            "photo",
            "photograph",
            "from photo",
            "from a photo",
            "photo reference"),
        Word.of(WordKind.SOURCE, "master copy", "mastercopy", "master study", "after a master"),
        Word.of(WordKind.SOURCE, "traced", "tracing", "trace"),
        Word.of(WordKind.SOURCE, "memory", "from memory", "remembered"),
        Word.of(WordKind.SOURCE, "imagination", "from imagination", "imagined", "invented"),
        Word.of(WordKind.SOURCE, "lesson along", "draw along", "along with the lesson"));
  }
}
