package humblequill.server.bench;

import humblequill.core.bench.Compared;
import humblequill.core.bench.FindingChange;
import humblequill.core.bench.Series;
import humblequill.core.bench.TrueAxis;
import humblequill.core.book.Format;
import humblequill.core.book.picture.Spot;
import humblequill.core.ground.message.Message;
import humblequill.server.bench.ComparisonFields.LandmarkPlace;
import humblequill.server.bench.Comparisons.HeldComparison;
import humblequill.server.bench.Comparisons.KeptComparison;
import humblequill.server.book.PrivatePictures;
import humblequill.server.ground.edge.Refusal;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Comparisons as they are read. */
@Component
class ComparisonViews {
  private final Comparisons comparisons;
  private final References references;
  private final PrivatePictures privates;

  ComparisonViews(Comparisons comparisons, References references, PrivatePictures privates) {
    this.comparisons = comparisons;
    this.references = references;
    this.privates = privates;
  }

  /** All in short, the newest first. */
  @Transactional(readOnly = true)
  public List<ComparisonLine> lines() {
    var all = comparisons.all();
    var series = all.stream().collect(Collectors.groupingBy(c -> c.fields().reference()));
    var lines = new ArrayList<ComparisonLine>();
    for (var kept : all) {
      var tries = series.getOrDefault(kept.fields().reference(), List.of());
      lines.add(line(comparisons.held(kept), tries));
    }
    Collections.reverse(lines);
    return lines;
  }

  private ComparisonLine line(HeldComparison held, List<KeptComparison> series) {
    var fields = held.kept().fields();
    var attempt = fields.attempt();
    return new ComparisonLine(
        held.kept().id(),
        held.kept().day(),
        fields.title(),
        fields.template(),
        fields.way(),
        series.indexOf(held.kept()) + 1,
        series.size(),
        references.address(fields.reference()),
        references.look(attempt) == null ? null : "/api/pictures/" + attempt + "/SMALL",
        held.compared().map(Compared::meanOffset).orElse(null),
        held.compared()
            .map(c -> c.first(Set.copyOf(fields.refused())))
            .flatMap(f -> f.stream().findFirst())
            .map(ComparisonView.FindingView::of)
            .orElse(null));
  }

  /** Figures of all as CSV. */
  @Transactional(readOnly = true)
  public String csv() {
    return ComparisonCsv.of(comparisons.all().stream().map(comparisons::held).toList());
  }

  /** One comparison. */
  @Transactional(readOnly = true)
  public ComparisonView read(UUID id) {
    var kept = comparisons.need(id);
    var held = comparisons.held(kept);
    var fields = kept.fields();
    var reference =
        new ComparisonView.BenchPicture(
            references.address(fields.reference()),
            ratio(references.look(fields.reference()), kept.referenceLook()),
            fields.reference().from() == ComparisonFields.From.CABINET,
            privates.holds(fields.reference().picture()),
            references.places(fields.reference(), fields.truth()));
    var look = references.look(fields.attempt());
    var attempt =
        fields.attempt() == null
            ? null
            : new ComparisonView.BenchPicture(
                references.address(fields.attempt()),
                ratio(look, kept.attemptLook()),
                false,
                privates.holds(fields.attempt()),
                fields.drawn());
    var series = comparisons.all().stream().filter(kept::sameReference).toList();
    var tries = tries(series.stream().map(comparisons::held).toList());
    return new ComparisonView(
        kept.id(),
        kept.version(),
        kept.day(),
        fields,
        reference,
        attempt,
        !fields.drawn().isEmpty() && isOther(look, kept.attemptLook()),
        landmarks(held),
        axes(held),
        Comparisons.plumb(kept),
        held.compared().map(c -> view(c, fields.refused())).orElse(null),
        tries,
        Series.restOffered(
            tries.stream().map(ComparisonView.Try::meanOffset).filter(Objects::nonNull).toList()));
  }

  /** The reference of a comparison at the size of a paper, as PDF. */
  @Transactional(readOnly = true)
  public byte[] sheet(UUID id, Format paper, double margin, ReferenceSheet.Shows shows)
      throws IOException {
    if (2 * margin >= Math.min(paper.widthMm(), paper.heightMm())) {
      throw Refusal.badValue("margin", margin, Message.of("bench.nothingLeftOfPaper"));
    }
    var kept = comparisons.need(id);
    var held = comparisons.held(kept);
    var fields = kept.fields();
    var picture =
        shows == ReferenceSheet.Shows.MARKS
            ? Optional.<BufferedImage>empty()
            : Optional.of(
                references
                    .picture(fields.reference())
                    .orElseThrow(() -> Refusal.notFound("picture", id)));
    return ReferenceSheet.of(
        picture,
        ratio(references.look(fields.reference()), kept.referenceLook()),
        references.places(fields.reference(), fields.truth()),
        held.template().parts().stream().map(p -> new String[] {p.from(), p.to()}).toList(),
        paper,
        margin,
        shows);
  }

  private static List<ComparisonView.Try> tries(List<HeldComparison> series) {
    var tries = new ArrayList<ComparisonView.Try>();
    HeldComparison measured = null;
    for (var held : series) {
      tries.add(tried(held, measured));
      measured = held.compared().isPresent() ? held : measured;
    }
    return tries;
  }

  private static ComparisonView.Try tried(HeldComparison held, @Nullable HeldComparison before) {
    var fields = held.kept().fields();
    return new ComparisonView.Try(
        held.kept().id(),
        held.kept().day(),
        fields.way(),
        held.compared().map(Compared::meanOffset).orElse(null),
        held.compared()
            .map(
                c ->
                    (int)
                        c.findings().stream()
                            .filter(f -> !fields.refused().contains(f.key()))
                            .count())
            .orElse(null),
        before == null ? List.of() : changes(before, held));
  }

  private static List<ComparisonView.ChangedFinding> changes(
      HeldComparison before, HeldComparison now) {
    var refused = new HashSet<>(before.kept().fields().refused());
    refused.addAll(now.kept().fields().refused());
    return now.compared().stream()
        .flatMap(c -> FindingChange.between(before.compared().orElseThrow(), c, refused).stream())
        .map(
            c ->
                new ComparisonView.ChangedFinding(
                    ComparisonView.FindingView.of(c.finding()), c.became()))
        .toList();
  }

  private static double ratio(@Nullable PictureLook now, @Nullable PictureLook before) {
    return now != null ? now.ratio() : before != null ? before.ratio() : 1;
  }

  /** Whether a picture is seen in another way than when landmarks were placed on it. */
  private static boolean isOther(@Nullable PictureLook now, @Nullable PictureLook before) {
    return now != null && before != null && !now.way().equals(before.way());
  }

  private static List<ComparisonView.LandmarkView> landmarks(HeldComparison held) {
    var look = held.kept().attemptLook();
    double ratio = look == null ? 1 : look.ratio();
    var proposed =
        held.compared().map(c -> c.proposed(held.template(), held.attempt())).orElse(Map.of());
    return held.template().landmarks().stream()
        .map(
            l ->
                new ComparisonView.LandmarkView(
                    l.name(),
                    l.layer(),
                    l.foundation(),
                    place(l.name(), proposed.get(l.name()), ratio)))
        .toList();
  }

  private static @Nullable LandmarkPlace place(String name, @Nullable Spot at, double ratio) {
    return at == null
        ? null
        : new LandmarkPlace(
            name, Math.max(0, Math.min(1, at.x())), Math.max(0, Math.min(1, at.y() * ratio)));
  }

  private static List<ComparisonView.AxisView> axes(HeldComparison held) {
    return TrueAxis.of(held.template(), held.attempt().reference()).stream()
        .map(
            a ->
                new ComparisonView.AxisView(
                    a.part().name(),
                    a.part().layer(),
                    a.part().from(),
                    a.part().to(),
                    a.tilt(),
                    a.fromPlumb(),
                    a.length()))
        .toList();
  }

  private static ComparisonView.HeldView view(Compared c, List<String> refused) {
    return new ComparisonView.HeldView(
        c.sides(),
        c.first(Set.copyOf(refused)).stream().map(ComparisonView.FindingView::of).toList(),
        c.findings().stream().map(ComparisonView.FindingView::of).toList(),
        c.parts().stream()
            .map(
                p ->
                    new ComparisonView.PartView(
                        p.part().name(),
                        p.part().layer(),
                        p.ratio(),
                        p.tilt(),
                        p.drawnTilt(),
                        p.off()))
            .toList(),
        c.landmarks().stream()
            .map(
                l ->
                    new ComparisonView.OffsetView(
                        l.landmark().name(), l.right(), l.down(), l.off()))
            .toList(),
        c.lineUps(),
        c.kept().orElse(null),
        c.tilt().orElse(null),
        shares(c.depths()),
        shares(c.shapes().tapers()),
        shares(c.shapes().areas()),
        c.alignment().over(),
        c.alignment().onFoundation(),
        c.meanOffset(),
        c.landmarks().size());
  }

  private static List<ComparisonView.MeasuredShare> shares(Map<String, Double> shares) {
    return shares.entrySet().stream()
        .map(e -> new ComparisonView.MeasuredShare(e.getKey(), e.getValue()))
        .toList();
  }
}
