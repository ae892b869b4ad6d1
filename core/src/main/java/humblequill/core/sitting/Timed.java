package humblequill.core.sitting;

import humblequill.core.day.entry.Poses;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A sitting at one moment, told from its ladder, its beginning and what was pressed since. It goes
 * by the clock and not by ticks, so that a sleeping tab or a closed lid changes nothing.
 *
 * <p>A skipped reference costs no count and no time: the pose begins anew with another one. Going
 * back takes the drawing before off the count and begins it anew. Leaving early keeps what was
 * drawn; the drawing under way counts once half of its time is drawn.
 *
 * @param step index of the step under way; the number of steps once all are over
 * @param stepEnds when the step ends, if nothing more is pressed; while paused, had it gone on now
 * @param leftMillis what is left of the step
 * @param paused whether it waits
 * @param over whether it is finished
 * @param reference number of the reference in view, from 0; skipping moves it on
 * @param skipped references skipped
 * @param drawn seconds of each drawing that counts, by number of the drawing
 * @param drawingMillis time the pen moved in, skipped references left out
 * @param workMillis the same with looking, holding in mind and revealing
 * @param restMillis time of breaks
 * @param unbrokenMillis the longest stretch without a break or a pause
 * @param endedAt when it was over; the given moment before
 */
public record Timed(
    int step,
    Instant stepEnds,
    long leftMillis,
    boolean paused,
    boolean over,
    int reference,
    int skipped,
    Map<Integer, Integer> drawn,
    long drawingMillis,
    long workMillis,
    long restMillis,
    long unbrokenMillis,
    Instant endedAt) {
  /** What the learner presses. */
  public enum Press {
    /** Wait. */
    PAUSE,
    /** Go on. */
    RESUME,
    /** Another reference; during a break: no more break. */
    SKIP,
    /** The drawing before once more. */
    BACK,
    /** Leave. */
    FINISH
  }

  /** Something pressed. */
  public record Event(Press press, Instant at) {}

  public Timed {
    drawn = Map.copyOf(drawn);
  }

  /**
   * The sitting at a moment.
   *
   * @param events in order of time; those after the moment are not looked at
   */
  public static Timed at(Ladder ladder, Instant start, List<Event> events, Instant now) {
    var clock = new Running(ladder, start);
    for (var event : events) {
      if (!event.at().isAfter(now)) {
        clock.runTo(event.at());
        clock.press(event.press());
      }
    }
    clock.runTo(now);
    return clock.state();
  }

  /** How many drawings of each length count, shortest first. */
  public Map<Integer, Integer> countByLength() {
    var counts = new TreeMap<Integer, Integer>();
    drawn.values().forEach(seconds -> counts.merge(seconds, 1, Integer::sum));
    return counts;
  }

  /** The poses that count, shortest first; of more lengths than an entry can hold the shortest. */
  public Poses poses() {
    return new Poses(
        countByLength().entrySet().stream()
            .limit(Poses.MAX_ROWS)
            .map(e -> new Poses.Row(e.getValue(), e.getKey()))
            .toList());
  }

  /** Plays a sitting forward. */
  private static final class Running {
    private final Ladder ladder;
    private final List<Step> steps;
    private final Map<Integer, Integer> drawn = new TreeMap<>();
    private final List<Long> spent = new ArrayList<>();
    private final List<Long> worked = new ArrayList<>();
    private int step;
    private long left;
    private long now;
    private boolean paused;
    private boolean over;
    private int reference;
    private int skipped;
    private long rest;
    private long stretch;
    private long unbroken;
    private long endedAt;

    Running(Ladder ladder, Instant start) {
      this.ladder = ladder;
      this.steps = ladder.steps();
      this.now = start.toEpochMilli();
      this.left = steps.get(0).seconds() * 1000L;
      for (int i = 0; i < ladder.drawings(); i++) {
        spent.add(0L);
        worked.add(0L);
      }
    }

    void runTo(Instant moment) {
      long to = Math.max(now, moment.toEpochMilli());
      while (!paused && !over && now + left <= to) {
        pass(left);
        ended(steps.get(step));
        begin(step + 1);
      }
      if (!paused && !over) {
        pass(to - now);
      }
      now = to;
    }

    private void pass(long millis) {
      var current = steps.get(step);
      if (current.kind() == Step.Kind.BREAK) {
        rest += millis;
        stretch = 0;
      } else {
        stretch += millis;
        unbroken = Math.max(unbroken, stretch);
        worked.set(current.drawing(), worked.get(current.drawing()) + millis);
        if (current.kind().draws()) {
          spent.set(current.drawing(), spent.get(current.drawing()) + millis);
        }
      }
      now += millis;
      left -= millis;
    }

    private void ended(Step current) {
      if (current.drawing() >= 0 && ladder.endsDrawing(step)) {
        drawn.put(current.drawing(), ladder.drawingSeconds(current.drawing()));
        reference++;
      }
    }

    private void begin(int index) {
      step = index;
      if (step == steps.size()) {
        end();
      } else {
        left = steps.get(step).seconds() * 1000L;
      }
    }

    private void end() {
      over = true;
      left = 0;
      endedAt = now;
    }

    void press(Press press) {
      if (over) {
        return;
      }
      switch (press) {
        case PAUSE -> pause();
        case RESUME -> paused = false;
        case SKIP -> skip();
        case BACK -> back();
        case FINISH -> finish();
      }
    }

    private void pause() {
      paused = true;
      stretch = 0;
    }

    private void skip() {
      var current = steps.get(step);
      if (current.drawing() < 0) {
        begin(step + 1);
        return;
      }
      reference++;
      skipped++;
      again(current.drawing());
    }

    private void back() {
      int drawing = steps.get(step).drawing();
      for (int i = step; drawing < 0 && i >= 0; i--) {
        drawing = steps.get(i).drawing() < 0 ? drawing : steps.get(i).drawing() + 1;
      }
      int before = Math.max(0, drawing - 1);
      if (drawing < ladder.drawings()) {
        forget(drawing);
      }
      reference = Math.max(0, reference - (drawn.remove(before) == null ? 0 : 1));
      again(before);
    }

    private void forget(int drawing) {
      spent.set(drawing, 0L);
      worked.set(drawing, 0L);
    }

    private void again(int drawing) {
      forget(drawing);
      int first = 0;
      while (steps.get(first).drawing() != drawing) {
        first++;
      }
      begin(first);
    }

    private void finish() {
      int drawing = ladder.drawingOf(step);
      if (drawing >= 0) {
        int whole = ladder.drawingSeconds(drawing);
        if (whole > 0 && spent.get(drawing) * 2 >= whole * 1000L) {
          drawn.put(drawing, (int) Math.max(1, spent.get(drawing) / 1000));
        }
      }
      paused = false;
      end();
    }

    Timed state() {
      return new Timed(
          step,
          Instant.ofEpochMilli(now + left),
          left,
          paused,
          over,
          reference,
          skipped,
          drawn,
          spent.stream().mapToLong(s -> s).sum(),
          worked.stream().mapToLong(s -> s).sum(),
          rest,
          unbroken,
          Instant.ofEpochMilli(over ? endedAt : now));
    }
  }
}
