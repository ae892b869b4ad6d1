package humblequill.server.reference;

import humblequill.core.shelf.ReferencesNeeded;
import humblequill.server.edge.Refusal;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets of references: pictures of the own folder, gathered for an exercise. */
@Service
public class ReferenceSets {
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
   */
  record SetOfReferences(
      UUID id, long version, SetFields fields, int there, int unused, int missing) {}

  /**
   * A set as it is told.
   *
   * @param within what the paths of its pictures hold, as the name of a folder in the own folder
   * @param needed how many pictures it needs
   * @param exerciseId the exercise it is for; null for none
   */
  record SetFields(
      @NotBlank @Size(max = 120) String name,
      @NotNull @Size(max = 400) String within,
      @Min(1) @Max(9999) int needed,
      @Nullable @Size(max = 80) String exerciseId) {}

  @Transactional(readOnly = true)
  List<SetOfReferences> all() {
    var used = used();
    return sets.findAllByOrderByNameAscIdAsc().stream().map(e -> view(e, used)).toList();
  }

  private Set<UUID> used() {
    return shown.findAll().stream().map(s -> s.pictureId).collect(Collectors.toSet());
  }

  private SetOfReferences view(ReferenceSetEntity e, Set<UUID> used) {
    var mine = pictures(e);
    var needed =
        new ReferencesNeeded(
            e.needed, mine.size(), (int) mine.stream().filter(id -> !used.contains(id)).count());
    return new SetOfReferences(
        e.id,
        e.version == null ? 0 : e.version,
        new SetFields(e.name, e.within, e.needed, e.exerciseId),
        needed.there(),
        needed.unused(),
        needed.missing());
  }

  private List<UUID> pictures(ReferenceSetEntity e) {
    var folder = folders.findById(FolderEntity.ONLY).map(f -> f.path).orElse("");
    var sought = e.within.toLowerCase(Locale.ROOT);
    return pictures.findByBrokenOrderByPathAsc("").stream()
        .filter(p -> below(folder, p.path).toLowerCase(Locale.ROOT).contains(sought))
        .map(p -> p.id)
        .toList();
  }

  private static String below(String folder, String path) {
    return path.startsWith(folder) ? path.substring(folder.length()) : path;
  }

  /** Keeps a set, unless it was changed since the client read it. */
  @Transactional
  void keep(UUID id, long version, SetFields fields) {
    var entity = sets.findById(id).orElseGet(ReferenceSetEntity::new);
    if (!entity.isNew() && version != (entity.version == null ? 0 : entity.version)) {
      throw Refusal.stale("set of references", view(entity, used()));
    }
    entity.id = id;
    entity.name = fields.name().strip();
    entity.within = fields.within().strip();
    entity.needed = fields.needed();
    entity.exerciseId = fields.exerciseId();
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
    var mine = sets.findById(set).map(this::pictures).orElse(List.of());
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
  public void drawnFrom(Collection<UUID> ids, LocalDate day) {
    for (var id : new HashSet<>(ids)) {
      var entity = shown.findById(id).orElseGet(ShownPictureEntity::new);
      entity.pictureId = id;
      entity.practiceDay = day;
      shown.save(entity);
    }
    shown.flush();
  }
}
