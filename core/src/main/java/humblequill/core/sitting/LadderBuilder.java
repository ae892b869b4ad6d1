package humblequill.core.sitting;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

/**
 * Builds ladders whose steps and breaks fill the given time to the second. Where whole poses leave
 * a rest, the last pose takes it. A pose that is longer than the time to a break is parted by rests
 * into equal stretches, as a model rests in a long pose. Common practice, no published source.
 *
 * @param breakEvery seconds of work after which a break is due at the latest, 60 or more
 * @param breakSeconds length of a break; 0 for none
 */
public record LadderBuilder(int breakEvery, int breakSeconds) {
  /** The shortest sitting, in seconds. */
  public static final int SHORTEST = 60;

  /** The longest sitting, in seconds: a day at the easel. */
  public static final int LONGEST = 8 * 3600;

  private static final int MINUTE = 60;
  private static final int[] RUNGS = {30, 60, 120, 300, 600};
  private static final int EIGHTH = 8;
  private static final int THUMBNAIL_PAIR = 20 * MINUTE;
  private static final int LOOK = 60;
  private static final int HOLD = 30;
  private static final int RECALL = 300;
  private static final int REVEAL = 60;

  /**
   * Poses of one length in a row.
   *
   * @param count 1 or more
   * @param seconds 5 or more
   */
  public record Poses(int count, int seconds) {
    public Poses {
      if (count < 1 || count > 500 || seconds < 5 || seconds > LONGEST) {
        throw new InvalidException(
            Message.of("sitting.posesWithin", "count", count, "seconds", seconds));
      }
    }
  }

  public LadderBuilder {
    if (breakEvery < MINUTE || breakSeconds < 0) {
      throw new InvalidException(Message.of("sitting.breakTooSoon"));
    }
  }

  /** All poses of one length. */
  public Ladder allQuick(int seconds, int each) {
    return filled(seconds, work -> equal(work, each, List.of("")));
  }

  /** Hands, feet and torso in turn, or other parts. */
  public Ladder partsOnly(int seconds, int each, List<String> parts) {
    return filled(seconds, work -> equal(work, each, parts));
  }

  /** From 30 seconds up to ten minutes, about as long on every rung. */
  public Ladder climbing(int seconds) {
    return filled(seconds, LadderBuilder::climb);
  }

  /** A quarter of each pose for a thumbnail, the rest to finish: 20 min are 5 + 15. */
  public Ladder thumbnailThenFinish(int seconds) {
    return filled(
        seconds,
        work -> {
          int pairs = Math.max(1, Math.round((float) work / THUMBNAIL_PAIR));
          var steps = new ArrayList<Step>();
          for (int i = 0; i < pairs; i++) {
            int pair = work / pairs + (i < work % pairs ? 1 : 0);
            steps.add(Step.of(Step.Kind.THUMBNAIL, pair / 4, i));
            steps.add(Step.of(Step.Kind.FINISH, pair - pair / 4, i));
          }
          return steps;
        });
  }

  /**
   * A lesson attempted first: half of the time for the own try, an eighth to hold it beside the
   * solution, the rest to draw it after the solution.
   */
  public Ladder attemptFirst(int seconds) {
    return filled(
        seconds,
        work -> {
          int own = Math.max(1, work / 2);
          int look = Math.max(1, work / EIGHTH);
          return List.of(
              Step.of(Step.Kind.OWN_TRY, own, 0),
              Step.of(Step.Kind.REVEAL, look, 0),
              Step.of(Step.Kind.AFTER, Math.max(1, work - own - look), 1));
        });
  }

  /** Look, hold, draw hidden, reveal. */
  public Ladder memory(int seconds) {
    return filled(
        seconds,
        work -> {
          int round = LOOK + HOLD + RECALL + REVEAL;
          int rounds = Math.max(1, Math.round((float) work / round));
          var steps = new ArrayList<Step>();
          for (int i = 0; i < rounds; i++) {
            int all = work / rounds + (i < work % rounds ? 1 : 0);
            int look = Math.max(1, all * LOOK / round);
            int hold = Math.max(1, all * HOLD / round);
            int reveal = Math.max(1, all * REVEAL / round);
            steps.add(Step.of(Step.Kind.LOOK, look, i));
            steps.add(Step.of(Step.Kind.HOLD, hold, i));
            steps.add(Step.of(Step.Kind.RECALL, all - look - hold - reveal, i));
            steps.add(Step.of(Step.Kind.REVEAL, reveal, i));
          }
          return steps;
        });
  }

  /** The learner's own rows of poses, with breaks between them; as long as they are. */
  public Ladder own(List<Poses> rows) {
    var steps = new ArrayList<Step>();
    for (var row : rows) {
      for (int i = 0; i < row.count(); i++) {
        steps.add(Step.of(Step.Kind.POSE, row.seconds(), steps.size()));
      }
    }
    if (steps.isEmpty()) {
      throw new InvalidException(Message.of("sitting.noPose"));
    }
    int work = steps.stream().mapToInt(Step::seconds).sum();
    if (work > LONGEST) {
      throw new InvalidException(
          Message.of("sitting.posesTooLong", "minutes", work / MINUTE, "most", LONGEST / MINUTE));
    }
    return new Ladder(withBreaks(steps));
  }

  private Ladder filled(int seconds, IntFunction<List<Step>> work) {
    if (seconds < SHORTEST || seconds > LONGEST) {
      throw new InvalidException(
          Message.of("sitting.sittingWithin", "most", LONGEST / MINUTE, "seconds", seconds));
    }
    int most = breakSeconds == 0 ? 0 : seconds / 2 / breakSeconds;
    int breaks = 0;
    var steps = work.apply(seconds);
    while (breaks < most && breaksIn(withBreaks(steps)) > breaks) {
      breaks++;
      steps = work.apply(seconds - breaks * breakSeconds);
    }
    // Where the break that was taken off the work left fewer places for breaks than breaks.
    while (breaks > 0 && placesIn(steps) < breaks) {
      breaks--;
      steps = work.apply(seconds - breaks * breakSeconds);
    }
    return new Ladder(withBreaks(steps, breaks));
  }

  private static int breaksIn(List<Step> steps) {
    return (int) steps.stream().filter(s -> s.kind() == Step.Kind.BREAK).count();
  }

  private int placesIn(List<Step> work) {
    int between = (int) work.stream().mapToInt(Step::drawing).distinct().count() - 1;
    return between + work.stream().mapToInt(s -> stretches(s).size() - 1).sum();
  }

  /**
   * As many breaks as that. Those that are due come first; one more halves the longest stretch. Of
   * more that are due than there may be, the first are taken.
   */
  private List<Step> withBreaks(List<Step> work, int breaks) {
    var steps = withBreaks(work);
    for (int i = steps.size() - 1; i >= 0 && breaksIn(steps) > breaks; i--) {
      if (steps.get(i).kind() == Step.Kind.BREAK) {
        steps.remove(i);
      }
    }
    joined(steps);
    while (breaksIn(steps) < breaks) {
      steps.add(middleOfTheLongestStretch(steps), Step.rest(breakSeconds));
    }
    return steps;
  }

  /** Makes stretches of a pose one again where no rest parts them any more. */
  private static void joined(List<Step> steps) {
    for (int i = steps.size() - 1; i > 0; i--) {
      var before = steps.get(i - 1);
      var step = steps.get(i);
      if (before.kind() == step.kind() && before.drawing() == step.drawing()) {
        int seconds = before.seconds() + step.seconds();
        steps.set(i - 1, new Step(step.kind(), seconds, step.drawing(), step.part()));
        steps.remove(i);
      }
    }
  }

  /** Where a break parts the longest stretch of several drawings most evenly. */
  private static int middleOfTheLongestStretch(List<Step> steps) {
    int best = -1;
    int bestGain = -1;
    for (int i = 1; i < steps.size(); i++) {
      boolean between =
          steps.get(i).kind() != Step.Kind.BREAK
              && steps.get(i - 1).kind() != Step.Kind.BREAK
              && steps.get(i).drawing() != steps.get(i - 1).drawing();
      if (between) {
        int before = 0;
        for (int j = i - 1; j >= 0 && steps.get(j).kind() != Step.Kind.BREAK; j--) {
          before += steps.get(j).seconds();
        }
        int after = 0;
        for (int j = i; j < steps.size() && steps.get(j).kind() != Step.Kind.BREAK; j++) {
          after += steps.get(j).seconds();
        }
        if (Math.min(before, after) > bestGain) {
          bestGain = Math.min(before, after);
          best = i;
        }
      }
    }
    return best;
  }

  /**
   * Puts a break before each drawing that would run past the time a break is due, and breaks into
   * what is longer than that by itself.
   */
  private List<Step> withBreaks(List<Step> work) {
    var steps = new ArrayList<Step>();
    int since = 0;
    for (int i = 0; i < work.size(); ) {
      int end = i;
      int length = 0;
      while (end < work.size() && work.get(end).drawing() == work.get(i).drawing()) {
        length += work.get(end++).seconds();
      }
      if (breakSeconds > 0 && since > 0 && since + length > breakEvery) {
        steps.add(Step.rest(breakSeconds));
        since = 0;
      }
      for (var step : work.subList(i, end)) {
        var stretches = stretches(step);
        for (int s = 0; s < stretches.size(); s++) {
          if (s > 0) {
            steps.add(Step.rest(breakSeconds));
            since = 0;
          }
          steps.add(stretches.get(s));
          since += stretches.get(s).seconds();
        }
      }
      i = end;
    }
    return steps;
  }

  /** A step in equal stretches where it is longer than the time to a break; else as it is. */
  private List<Step> stretches(Step step) {
    int count =
        breakSeconds == 0 || !step.kind().mayRest()
            ? 1
            : -Math.floorDiv(-step.seconds(), breakEvery);
    return IntStream.range(0, count)
        .map(i -> step.seconds() / count + (i < step.seconds() % count ? 1 : 0))
        .mapToObj(seconds -> new Step(step.kind(), seconds, step.drawing(), step.part()))
        .toList();
  }

  private static List<Step> equal(int work, int each, List<String> parts) {
    if (each < 5) {
      throw new InvalidException(Message.of("sitting.poseTooShort", "seconds", each));
    }
    int count = Math.max(1, work / each);
    var steps = new ArrayList<Step>();
    for (int i = 0; i < count; i++) {
      int rest = i == count - 1 ? work - count * each : 0;
      steps.add(new Step(Step.Kind.POSE, each + rest, i, parts.get(i % parts.size())));
    }
    return steps;
  }

  private static List<Step> climb(int work) {
    var lengths = new ArrayList<Integer>();
    int rungs = RUNGS.length;
    while (rungs > 1 && RUNGS[rungs - 1] * 3 > work) {
      rungs--;
    }
    int left = work;
    for (int r = rungs - 1; r >= 0; r--) {
      int count = Math.max(1, left / (r + 1) / RUNGS[r]);
      lengths.addAll(Collections.nCopies(count, RUNGS[r]));
      left -= count * RUNGS[r];
    }
    for (int r = rungs - 1; r >= 0; r--) {
      while (left >= RUNGS[r]) {
        lengths.add(RUNGS[r]);
        left -= RUNGS[r];
      }
    }
    Collections.sort(lengths);
    int last = lengths.size() - 1;
    lengths.set(last, lengths.get(last) + left);
    var steps = new ArrayList<Step>();
    for (int length : lengths) {
      steps.add(Step.of(Step.Kind.POSE, length, steps.size()));
    }
    return steps;
  }
}
