package humblequill.server.sitting.reference;

import humblequill.core.shelf.ReferencesNeeded;
import humblequill.core.sitting.cabinet.Emphasis;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.core.sitting.cabinet.View;
import humblequill.server.ground.edge.Refusal;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Sets of references, gathered for an exercise or a week: pictures of the own folder, or so many of
 * what the cabinet shows.
 */
@Service
public class ReferenceSets {
  private static final long SEEDS = 1_000_000_000;

  private final ReferenceSetRepository sets;
  private final ShownPictureRepository shown;
  private final PictureRepository pictures;
  private final FolderRepository folders;

  ReferenceSets(
      ReferenceSetRepository sets,
      ShownPictureRepository shown,
      PictureRepository pictures,
      FolderRepository folders) {
    this.sets = sets;
    this.shown = shown;
    this.pictures = pictures;
    this.folders = folders;
  }

  /**
   * A set as it is read.
   *
   * @param there pictures that belong to it
   * @param unused of these, not drawn from yet
   * @param missing still to be gathered
   * @param seed of the first picture of the cabinet not drawn from yet; null for the own folder
   */
  record SetOfReferences(
      UUID id,
      long version,
      SetFields fields,
      int there,
      int unused,
      int missing,
      @Nullable Long seed) {}

  /**
   * A set as it is told.
   *
   * @param within what the paths of its pictures hold, as the name of a folder in the own folder
   * @param needed how many pictures it needs
   * @param exerciseId the exercise it is for; null for none
   * @param placement the placed course whose week it is for; null for none
   * @param weekKey that week; null for none
   * @param cabinet what of the cabinet it is; null for pictures of the own folder
   * @param emphasis what is asked of it; null counts as any
   * @param view from where it is seen; null counts as any
   */
  record SetFields(
      @NotBlank @Size(max = 120) String name,
      @NotNull @Size(max = 400) String within,
      @Min(1) @Max(9999) int needed,
      @Nullable @Size(max = 80) String exerciseId,
      @Nullable UUID placement,
      @Nullable @Size(max = 80) String weekKey,
      Reference.@Nullable Kind cabinet,
      @Nullable Emphasis emphasis,
      @Nullable View view) {}

  @Transactional(readOnly = true)
  List<SetOfReferences> all() {
    var all = sets.findAllByOrderByNameAscIdAsc();
    if (all.isEmpty()) {
      return List.of();
    }
    var used = used();
    var there = pictures();
    return all.stream().map(e -> view(e, there, used)).toList();
  }

  private Set<UUID> used() {
    return shown.findAll().stream().map(s -> s.pictureId).collect(Collectors.toSet());
  }

  private static SetOfReferences view(ReferenceSetEntity e, List<Picture> there, Set<UUID> used) {
    var needed = e.cabinet == null ? ofFolder(e, there, used) : counted(e);
    return new SetOfReferences(
        e.id,
        e.version == null ? 0 : e.version,
        fields(e),
        needed.there(),
        needed.unused(),
        needed.missing(),
        e.cabinet == null ? null : firstSeed(e.id) + e.cabinetDrawn);
  }

  private static SetFields fields(ReferenceSetEntity e) {
    return new SetFields(
        e.name,
        e.within,
        e.needed,
        e.exerciseId,
        e.placement,
        e.weekKey,
        e.cabinet == null ? null : Reference.Kind.valueOf(e.cabinet),
        e.emphasis == null ? null : Emphasis.valueOf(e.emphasis),
        e.viewedFrom == null ? null : View.valueOf(e.viewedFrom));
  }

  private static ReferencesNeeded ofFolder(
      ReferenceSetEntity e, List<Picture> there, Set<UUID> used) {
    var mine = within(e, there);
    int unused = (int) mine.stream().filter(id -> !used.contains(id)).count();
    return new ReferencesNeeded(e.needed, mine.size(), unused);
  }

  private static ReferencesNeeded counted(ReferenceSetEntity e) {
    return ReferencesNeeded.ofCabinet(e.needed, e.cabinetDrawn);
  }

  /** Each set has pictures of the cabinet of its own, the same on every computer. */
  private static long firstSeed(UUID set) {
    return Math.floorMod(set.getLeastSignificantBits(), SEEDS);
  }

  /** A picture of the own folder, by its path below the folder in lower case. */
  private record Picture(UUID id, String path) {}

  private List<Picture> pictures() {
    var folder = folders.findById(FolderEntity.ONLY).map(f -> f.path).orElse("");
    return pictures.findByBrokenOrderByPathAsc("").stream()
        .map(p -> new Picture(p.id, below(folder, p.path).toLowerCase(Locale.ROOT)))
        .toList();
  }

  private static List<UUID> within(ReferenceSetEntity e, List<Picture> there) {
    var sought = e.within.toLowerCase(Locale.ROOT);
    return there.stream().filter(p -> p.path.contains(sought)).map(Picture::id).toList();
  }

  private static String below(String folder, String path) {
    return path.startsWith(folder) ? path.substring(folder.length()) : path;
  }

  /** Keeps a set, unless it was changed since the client read it. */
  @Transactional
  void keep(UUID id, long version, SetFields fields) {
    var entity = sets.findById(id).orElseGet(ReferenceSetEntity::new);
    if (!entity.isNew() && version != (entity.version == null ? 0 : entity.version)) {
      throw Refusal.stale("referenceSet", view(entity, pictures(), used()));
    }
    entity.id = id;
    entity.name = fields.name().strip();
    entity.within = fields.within().strip();
    entity.needed = fields.needed();
    entity.exerciseId = fields.exerciseId();
    entity.placement = fields.placement();
    entity.weekKey = fields.weekKey();
    entity.cabinet = fields.cabinet() == null ? null : fields.cabinet().name();
    entity.emphasis = fields.emphasis() == null ? null : fields.emphasis().name();
    entity.viewedFrom = fields.view() == null ? null : fields.view().name();
    sets.saveAndFlush(entity);
  }

  /** Forgets a set; its pictures stay. One that is gone stays gone. */
  @Transactional
  void remove(UUID id) {
    sets.findById(id).ifPresent(sets::delete);
  }

  /** Pictures of a set in the order of a seed, those not drawn from yet first. */
  @Transactional(readOnly = true)
  public List<UUID> shuffled(UUID set, long seed) {
    var mine = sets.findById(set).map(e -> within(e, pictures())).orElse(List.of());
    var used = used();
    var fresh = new ArrayList<>(mine.stream().filter(id -> !used.contains(id)).toList());
    var old = new ArrayList<>(mine.stream().filter(used::contains).toList());
    Collections.shuffle(fresh, new Random(seed));
    Collections.shuffle(old, new Random(seed));
    fresh.addAll(old);
    return fresh;
  }

  /** Tells that pictures were drawn from. */
  @Transactional
  public void drawnFrom(Collection<UUID> ids) {
    shown.saveAllAndFlush(Set.copyOf(ids).stream().map(ShownPictureEntity::new).toList());
  }

  /** What of the cabinet is shown, and how. */
  public record OfCabinet(Reference.Kind cabinet, Emphasis emphasis, View view) {}

  /**
   * Tells that so many of the cabinet's pictures of a set were drawn from.
   *
   * @param shown what was shown; what is not of the set does not count for it
   */
  @Transactional
  public void drawnFromCabinet(UUID set, OfCabinet shown, int drawings) {
    sets.findById(set)
        .filter(e -> shown.equals(ofCabinet(fields(e))))
        .ifPresent(e -> e.cabinetDrawn += drawings);
  }

  private static @Nullable OfCabinet ofCabinet(SetFields f) {
    return f.cabinet() == null
        ? null
        : new OfCabinet(
            f.cabinet(),
            f.emphasis() == null ? Emphasis.ANY : f.emphasis(),
            f.view() == null ? View.ANY : f.view());
  }
}
