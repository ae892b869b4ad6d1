package humblequill.server.book.piece;

import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.name.NameRef;
import humblequill.server.ground.name.NameService;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A piece as it is stored. See docs/formats/stored.md. */
record StoredPiece(
    String title,
    String about,
    @Nullable NameRef topic,
    @Nullable NameRef medium,
    @Nullable NameRef book,
    List<StoredStage> stages) {
  record StoredStage(
      UUID id,
      String name,
      String gate,
      boolean passed,
      String answer,
      List<UUID> variants,
      @Nullable UUID chosen,
      String reason) {}

  static String write(PieceFields f, NameService names) {
    return StoredJson.write(
        new StoredPiece(
            f.title().strip(),
            f.about().strip(),
            names.refer(NameKind.TOPIC, f.topic()),
            names.refer(NameKind.MEDIUM, f.medium()),
            names.refer(NameKind.BOOK, f.book()),
            f.stages().stream()
                .map(
                    s ->
                        new StoredStage(
                            s.id(),
                            s.name().strip(),
                            s.gate().strip(),
                            s.passed(),
                            s.answer().strip(),
                            s.variants(),
                            s.chosen(),
                            s.reason().strip()))
                .toList()));
  }

  static StoredPiece read(String text) {
    return StoredJson.read(text, StoredPiece.class);
  }

  /** As it is read and written, with names as they are called now. */
  PieceFields fields(boolean ended, Names names) {
    return new PieceFields(
        title,
        about,
        called(topic, names),
        called(medium, names),
        called(book, names),
        ended,
        stages.stream()
            .map(
                s ->
                    new PieceFields.StageFields(
                        s.id, s.name, s.gate, s.passed, s.answer, s.variants, s.chosen, s.reason))
            .toList());
  }

  private static @Nullable String called(@Nullable NameRef ref, Names names) {
    return ref == null
        ? null
        : Objects.requireNonNullElse(NameService.called(names, ref.id()), ref.text());
  }
}
