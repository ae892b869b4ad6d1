package humblequill.server.lookback;

import humblequill.core.ground.name.Fold;
import humblequill.core.lookback.WeekSeries.Figure;
import humblequill.server.ground.data.StoredJson;
import java.util.Optional;

/** Under which key names and boundaries of phases are stored. */
final class FigureKey {
  private FigureKey() {}

  /** The figure's word; with the name of a learner's own one, whose phases are no other one's. */
  static String of(Figure figure, Optional<String> ownFigure) {
    var word = StoredJson.word(figure);
    return figure == Figure.OWN_FIGURE ? word + "/" + ownFigure.map(Fold::of).orElse("") : word;
  }
}
