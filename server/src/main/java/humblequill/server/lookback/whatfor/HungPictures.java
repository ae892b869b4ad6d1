package humblequill.server.lookback.whatfor;

import humblequill.core.ground.message.Message;
import humblequill.server.book.picture.PagePictures;
import humblequill.server.book.picture.UsedElsewhere;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.sitting.reference.PictureFolder;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pictures that show what all this is for, arranged as the learner likes. */
@Service
public class HungPictures implements UsedElsewhere {
  static final int MOST = 60;

  private final WhatForRepository repository;
  private final PagePictures pages;
  private final PictureFolder folder;

  HungPictures(WhatForRepository repository, PagePictures pages, PictureFolder folder) {
    this.repository = repository;
    this.pages = pages;
    this.folder = folder;
  }

  /** Where a picture lies. */
  public enum From {
    /** Among the pictures of pages. */
    PAGES,
    /** In the learner's own folder of references. */
    FOLDER
  }

  /**
   * A picture as it hangs.
   *
   * @param across of its left side, as a share of the board's breadth
   * @param down of its upper side, as a share of the board's breadth
   * @param breadth as a share of the board's breadth
   */
  public record HungPicture(
      @NotNull UUID picture,
      @NotNull From from,
      @DecimalMin("0") @DecimalMax("1") double across,
      @DecimalMin("0") @DecimalMax("4") double down,
      @DecimalMin("0.05") @DecimalMax("1") double breadth) {}

  private record StoredHanging(List<StoredPicture> pictures) {}

  private record StoredPicture(
      UUID picture, String from, double across, double down, double breadth) {}

  private record Arranged(long version, List<HungPicture> pictures) {}

  /**
   * A picture as it is seen hanging.
   *
   * @param ratio its width ÷ height
   */
  record SeenPicture(
      UUID picture, From from, double across, double down, double breadth, double ratio) {}

  /** All pictures, and how often they were arranged. */
  record Hanging(long version, List<SeenPicture> pictures) {}

  private Arranged all() {
    return repository
        .findById(WhatForEntity.ONLY)
        .map(
            e ->
                new Arranged(
                    e.version == null ? 0 : e.version,
                    StoredJson.read(e.document, StoredHanging.class).pictures().stream()
                        .map(
                            p ->
                                new HungPicture(
                                    p.picture(),
                                    StoredJson.kind(From.class, p.from()),
                                    p.across(),
                                    p.down(),
                                    p.breadth()))
                        .toList()))
        .orElse(new Arranged(-1, List.of()));
  }

  /** Those whose pictures are still there. */
  @Transactional(readOnly = true)
  Hanging read() {
    var kept = all();
    return new Hanging(
        kept.version(), kept.pictures().stream().flatMap(p -> seen(p).stream()).toList());
  }

  private Optional<SeenPicture> seen(HungPicture p) {
    return ratio(p)
        .map(
            ratio ->
                new SeenPicture(p.picture(), p.from(), p.across(), p.down(), p.breadth(), ratio));
  }

  /** Its width ÷ height; empty where it is not there any more. */
  private Optional<Double> ratio(HungPicture p) {
    return switch (p.from()) {
      case PAGES ->
          Optional.ofNullable(pages.all().get(p.picture()))
              .map(seen -> (double) seen.width() / seen.height());
      case FOLDER -> folder.ratio(p.picture());
    };
  }

  @Override
  @Transactional(readOnly = true)
  public Set<UUID> pictures() {
    return all().pictures().stream().map(HungPicture::picture).collect(Collectors.toSet());
  }

  /**
   * Hangs them anew.
   *
   * @param version the arrangement that was read; −1 before the first
   */
  @Transactional
  public void hang(long version, List<HungPicture> pictures) {
    if (version != all().version()) {
      throw Refusal.stale("pictures", read());
    }
    for (var p : pictures) {
      if (ratio(p).isEmpty()) {
        throw Refusal.badValue("pictures", p.picture(), Message.of("lookback.pictureGone"));
      }
    }
    var entity = repository.findById(WhatForEntity.ONLY).orElseGet(WhatForEntity::new);
    entity.document =
        StoredJson.write(
            new StoredHanging(
                pictures.stream()
                    .map(
                        p ->
                            new StoredPicture(
                                p.picture(),
                                StoredJson.word(p.from()),
                                p.across(),
                                p.down(),
                                p.breadth()))
                    .toList()));
    repository.saveAndFlush(entity);
  }
}
