package humblequill.server.demo;

import humblequill.core.day.entry.UnitKind;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.shelf.Ownership;
import humblequill.core.shelf.ResourceKind;
import humblequill.core.shelf.ResourceRole;
import humblequill.server.shelf.ResourceFields;
import humblequill.server.shelf.ShelfService;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** The made-up learner's shelf: eleven resources of six kinds. */
@Component
@ConditionalOnProperty("quill.demo")
class DemoShelf {
  static final String KEEL = "Boats from keel to rail";
  static final String ROPES = "Ropes, plainly drawn";
  static final String EYE = "The patient eye";
  private static final String BRUSH = "First lines with a brush pen";

  private final ShelfService shelf;

  DemoShelf(ShelfService shelf) {
    this.shelf = shelf;
  }

  void make(LocalDate today) {
    known(
        KEEL,
        resource(ResourceKind.BOOK, ResourceRole.TEACHES, "hulls", "cross-contours")
            .counted(UnitKind.PAGE, 184)
            .costs("28.50"));
    known(
        ROPES,
        resource(ResourceKind.BOOK, ResourceRole.TEACHES, "rope and nets")
            .counted(UnitKind.PAGE, 96)
            .costs("14.00"));
    known(
        EYE,
        resource(ResourceKind.VIDEO_SERIES, ResourceRole.TEACHES, "measuring", "light and shade")
            .counted(UnitKind.LESSON, 24)
            .costs("60.00"));
    known("Quay photographs, own folder", resource(ResourceKind.PHOTO_SET, ResourceRole.REFERENCE));
    known(
        "Model dinghy on the shelf", resource(ResourceKind.CAST, ResourceRole.REFERENCE, "hulls"));
    fresh(
        "Shadows over water",
        resource(ResourceKind.BOOK, ResourceRole.TEACHES, "water", "light and shade")
            .counted(UnitKind.PAGE, 140)
            .queued(1, Name.given(NameKind.RESOURCE, KEEL))
            .costs("22.00"));
    fresh(
        "Masts and spars, plate by plate",
        resource(ResourceKind.BOOK, ResourceRole.TEACHES, "spars and rigging")
            .counted(UnitKind.PLATE, 60)
            .queued(2, Name.given(NameKind.RESOURCE, ROPES)));
    fresh(
        "Evening group at the net loft",
        resource(ResourceKind.LIVE_MODEL_GROUP, ResourceRole.TEACHES, "gesture", "figures")
            .noted("Every other Wednesday; bring the board."));
    fresh(
        "Gulls in flight, seen from the pier",
        resource(ResourceKind.BOOK, ResourceRole.REFERENCE, "gulls")
            .counted(UnitKind.PLATE, 32)
            .borrowed(today.plusDays(6)));
    fresh(
        "Notebooks of a weather watcher",
        resource(ResourceKind.BOOK, ResourceRole.INSPIRES, "weather and sky")
            .costs("34.00")
            .wanted(today.minusDays(70), today.minusDays(31), today.minusDays(4)));
    fresh(
        BRUSH,
        resource(ResourceKind.COURSE, ResourceRole.TEACHES, "lines")
            .counted(UnitKind.LESSON, 10)
            .finished(
                today.minusDays(140),
                10,
                "One stroke in one go, and how to load the brush.",
                "Its examples are all the same size."));
  }

  private void known(String name, Told told) {
    shelf.change(Name.given(NameKind.RESOURCE, name), seeded("rename/" + name), 0, told.of(name));
  }

  private void fresh(String name, Told told) {
    shelf.create(seeded("shelf/" + name), told.of(name));
  }

  private static UUID seeded(String name) {
    return UUID.nameUUIDFromBytes(("demo/" + name).getBytes(StandardCharsets.UTF_8));
  }

  private static Told resource(ResourceKind kind, ResourceRole role, String... topics) {
    return new Told(kind, role, List.of(topics));
  }

  /** What is told of one resource. */
  private static final class Told {
    private final ResourceKind kind;
    private final ResourceRole role;
    private final List<String> topics;
    private @Nullable UnitKind unit;
    private @Nullable Integer total;
    private @Nullable BigDecimal price;
    private Ownership ownership = Ownership.OWNED;
    private @Nullable LocalDate dueBack;
    private List<LocalDate> wanted = List.of();
    private @Nullable Integer queue;
    private List<UUID> onlyAfter = List.of();
    private List<ResourceFields.UnitSpan> byHand = List.of();
    private ResourceFields.@Nullable Ended ended;
    private @Nullable LocalDate endedOn;
    private String goodFor = "";
    private String bewareOf = "";
    private String note = "";

    private Told(ResourceKind kind, ResourceRole role, List<String> topics) {
      this.kind = kind;
      this.role = role;
      this.topics = topics;
    }

    private Told counted(UnitKind in, int howMany) {
      unit = in;
      total = howMany;
      return this;
    }

    private Told costs(String amount) {
      price = new BigDecimal(amount);
      return this;
    }

    private Told queued(int place, UUID after) {
      queue = place;
      onlyAfter = List.of(after);
      return this;
    }

    private Told borrowed(LocalDate back) {
      ownership = Ownership.BORROWED;
      dueBack = back;
      return this;
    }

    private Told wanted(LocalDate... days) {
      ownership = Ownership.WANTED;
      wanted = List.of(days);
      return this;
    }

    private Told finished(LocalDate day, int units, String good, String beware) {
      ended = ResourceFields.Ended.FINISHED;
      endedOn = day;
      byHand = List.of(new ResourceFields.UnitSpan(1, units));
      goodFor = good;
      bewareOf = beware;
      return this;
    }

    private Told noted(String words) {
      note = words;
      return this;
    }

    private ResourceFields of(String name) {
      return new ResourceFields(
          name,
          kind,
          role,
          topics,
          unit,
          total,
          price,
          price == null ? "" : "EUR",
          ownership,
          dueBack,
          wanted,
          queue,
          onlyAfter,
          null,
          null,
          byHand,
          ended,
          endedOn,
          goodFor,
          bewareOf,
          note);
    }
  }
}
