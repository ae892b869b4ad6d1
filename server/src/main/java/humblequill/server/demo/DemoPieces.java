package humblequill.server.demo;

import humblequill.core.book.piece.ShippedTemplates;
import humblequill.server.book.piece.PieceFields;
import humblequill.server.book.piece.PieceService;
import humblequill.server.day.entry.EntryService;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** The made-up learner's staged piece, half way: thumbnails chosen from, the composition open. */
@Component
@ConditionalOnProperty("quill.demo")
class DemoPieces {
  private static final int THUMBNAILS = 3;
  private static final ShippedTemplates.Template TEMPLATE = ShippedTemplates.ALL.get(1);

  private final PieceService pieces;
  private final EntryService entries;

  DemoPieces(PieceService pieces, EntryService entries) {
    this.pieces = pieces;
    this.entries = entries;
  }

  /**
   * Begins the piece.
   *
   * @param drawn entries of its subject with the picture of each, oldest first
   */
  void make(List<DrawnWithPicture> drawn) {
    if (drawn.size() < THUMBNAILS + 2) {
      return;
    }
    var last = drawn.subList(drawn.size() - THUMBNAILS - 2, drawn.size());
    var thumbnails = last.subList(0, THUMBNAILS).stream().map(DrawnWithPicture::picture).toList();
    var stages = new ArrayList<PieceFields.StageFields>();
    for (var planned : TEMPLATE.stages()) {
      boolean first = stages.isEmpty();
      stages.add(
          stage(
              planned,
              first ? thumbnails : List.of(),
              first ? thumbnails.get(1) : null,
              first
                  ? "Its roof cuts the sky in two uneven halves; the others stand in the middle."
                  : ""));
    }
    var id = seeded("piece");
    pieces.keep(
        id,
        null,
        new PieceFields(
            "Shed in evening light",
            "From the end of the quay, the cranes small behind it.",
            null,
            "brush pen",
            "Harbour book 3",
            false,
            stages));
    for (int i = 0; i < last.size(); i++) {
      var entry = last.get(i).entry();
      var stage = stages.get(i < THUMBNAILS ? 0 : 1);
      pieces.log(id, stage.id(), entry, entries.get(entry).fields());
    }
  }

  private static PieceFields.StageFields stage(
      ShippedTemplates.Planned planned, List<UUID> variants, @Nullable UUID chosen, String reason) {
    return new PieceFields.StageFields(
        seeded("stage " + planned.name()),
        planned.name(),
        planned.gate(),
        chosen != null,
        chosen == null ? "" : "The second one, even from across the room.",
        variants,
        chosen,
        reason);
  }

  /** An entry, and the picture of its page. */
  record DrawnWithPicture(UUID entry, UUID picture) {}

  private static UUID seeded(String what) {
    return UUID.nameUUIDFromBytes(("demo/piece/" + what).getBytes(StandardCharsets.UTF_8));
  }
}
