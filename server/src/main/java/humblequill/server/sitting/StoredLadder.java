package humblequill.server.sitting;

import humblequill.core.sitting.Ladder;
import humblequill.core.sitting.Step;
import humblequill.server.ground.data.StoredJson;
import java.util.Arrays;

/** One step of a ladder as it is stored. See docs/formats/stored.md. */
record StoredLadder(String kind, int seconds, int drawing, String part) {
  static String write(Ladder ladder) {
    return StoredJson.write(
        ladder.steps().stream()
            .map(
                s ->
                    new StoredLadder(StoredJson.word(s.kind()), s.seconds(), s.drawing(), s.part()))
            .toList());
  }

  static Ladder read(String text) {
    return new Ladder(
        Arrays.stream(StoredJson.read(text, StoredLadder[].class))
            .map(
                s ->
                    new Step(
                        StoredJson.kind(Step.Kind.class, s.kind), s.seconds, s.drawing, s.part))
            .toList());
  }
}
