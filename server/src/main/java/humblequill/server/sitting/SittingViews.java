package humblequill.server.sitting;

import humblequill.core.sitting.Drill;
import humblequill.core.sitting.Ladder;
import humblequill.core.sitting.Step;
import humblequill.core.sitting.Timed;
import humblequill.core.sitting.cabinet.Emphasis;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.core.sitting.cabinet.View;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.sitting.reference.PictureFolder;
import humblequill.server.sitting.reference.ReferenceSets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Shows sittings: what is under way, what is ahead, and which reference it shows. */
@Component
class SittingViews {
  private static final int MINUTE = 60_000;

  private final PictureFolder folder;
  private final ReferenceSets sets;

  SittingViews(PictureFolder folder, ReferenceSets sets) {
    this.folder = folder;
    this.sets = sets;
  }

  /**
   * A sitting at a moment.
   *
   * @param own how sittings run
   */
  SittingView view(SittingEntity entity, Instant now, SittingSettings own) {
    var begun = entity.begun();
    var ladder = entity.ladder();
    var events = entity.events();
    var timed = Timed.at(ladder, entity.startedAt, events, now);
    return new SittingView(
        entity.id,
        entity.practiceDay,
        begun.title(),
        begun.aim(),
        StoredJson.kind(Drill.class, begun.drill()),
        now.toEpochMilli(),
        ladder.steps().stream()
            .map(
                s ->
                    new SittingView.StepView(
                        s.kind(),
                        s.seconds(),
                        s.drawing(),
                        s.part(),
                        s.kind().shows(),
                        s.kind().draws()))
            .toList(),
        timed.step(),
        timed.leftMillis(),
        ahead(begun, ladder, timed),
        timed.paused(),
        timed.over(),
        ladder.drawings(),
        timed.drawn().size(),
        timed.skipped(),
        events.size(),
        Math.round((float) timed.workMillis() / MINUTE),
        timed.over() ? timed.poses().written() : "",
        entity.entryId,
        entity.setUpMinutes,
        new SittingView.FeltView(
            begun.energy(), entity.energyAfter, begun.dread(), entity.howItWas),
        Boolean.TRUE.equals(begun.little()),
        known(begun, timed),
        own.sound(),
        own.flash());
  }

  private List<SittingView.Ahead> ahead(StoredSitting begun, Ladder ladder, Timed timed) {
    var ahead = new ArrayList<SittingView.Ahead>();
    var pictures = pictures(begun);
    long ends = timed.stepEnds().toEpochMilli();
    int reference = timed.reference();
    var steps = ladder.steps();
    for (int i = timed.step(); i < steps.size(); i++) {
      var step = steps.get(i);
      ends += i == timed.step() ? 0 : step.seconds() * 1000L;
      boolean rests = step.kind() == Step.Kind.BREAK;
      ahead.add(
          new SittingView.Ahead(i, ends, rests ? null : picture(begun, step, pictures, reference)));
      reference += !rests && ladder.endsDrawing(i) ? 1 : 0;
    }
    return ahead;
  }

  /** Pictures of the own folder in the order in which they are shown; none from elsewhere. */
  private List<UUID> pictures(StoredSitting begun) {
    if (references(begun) != BegunSitting.References.FOLDER) {
      return List.of();
    }
    return begun.referenceSet() == null
        ? folder.shuffled(begun.seed())
        : sets.shuffled(begun.referenceSet(), begun.seed());
  }

  /** Keeps which pictures were drawn from, so that others come first. */
  void drawnFrom(StoredSitting begun, int drawings) {
    if (begun.referenceSet() != null
        && begun.cabinet() != null
        && references(begun) == BegunSitting.References.CABINET) {
      var kind = StoredJson.kind(Reference.Kind.class, begun.cabinet());
      var cabinet = new ReferenceSets.OfCabinet(kind, emphasis(begun), view(begun));
      sets.drawnFromCabinet(begun.referenceSet(), cabinet, drawings);
    }
    var shown = pictures(begun);
    sets.drawnFrom(shown.subList(0, Math.min(drawings, shown.size())));
  }

  private static @Nullable String picture(
      StoredSitting begun, Step step, List<UUID> pictures, int reference) {
    return switch (references(begun)) {
      case NONE -> null;
      case CABINET ->
          "/api/cabinet/picture.svg?seed=%d&kind=%s&emphasis=%s&view=%s"
              .formatted(
                  begun.seed() + reference,
                  Reference.Kind.ofPart(step.part())
                      .orElseGet(() -> StoredJson.kind(Reference.Kind.class, begun.cabinet())),
                  emphasis(begun),
                  view(begun));
      case FOLDER ->
          pictures.isEmpty()
              ? null
              : "/api/references/pictures/" + pictures.get(reference % pictures.size());
    };
  }

  private static SittingView.@Nullable KnownReferences known(StoredSitting begun, Timed timed) {
    int drawn = timed.drawn().size();
    return drawn == 0
            || begun.cabinet() == null
            || references(begun) != BegunSitting.References.CABINET
        ? null
        : new SittingView.KnownReferences(
            begun.seed(),
            drawn,
            StoredJson.kind(Reference.Kind.class, begun.cabinet()),
            emphasis(begun),
            view(begun));
  }

  private static View view(StoredSitting begun) {
    return begun.view() == null ? View.ANY : StoredJson.kind(View.class, begun.view());
  }

  private static BegunSitting.References references(StoredSitting begun) {
    return StoredJson.kind(BegunSitting.References.class, begun.references());
  }

  private static Emphasis emphasis(StoredSitting begun) {
    return begun.foreshortening() == null
        ? Emphasis.ANY
        : StoredJson.kind(Emphasis.class, begun.foreshortening());
  }
}
