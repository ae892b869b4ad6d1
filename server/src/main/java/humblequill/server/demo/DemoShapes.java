package humblequill.server.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What the made-up learner draws, as lines through points from 0 to 1, the page upright. */
enum DemoShapes {
  /** A hull from the side. */
  HULL,
  /** A crane with its jib. */
  CRANE,
  /** A shed on the quay. */
  SHED,
  /** A coil of rope. */
  COIL,
  /** A mooring post with a rope over it. */
  POST,
  /** A boat under sail. */
  SAIL,
  /** People at work, as gestures. */
  PEOPLE,
  /** Crates, turned. */
  CRATES,
  /** Buckets and barrels. */
  BUCKETS,
  /** A cat. */
  CAT,
  /** Water with ripples. */
  WATER;

  /** One line through points. */
  record Line(double[] xy) {}

  /** What an exercise or topic of some name is drawn as. */
  static DemoShapes of(String called) {
    var words = called.toLowerCase(Locale.ROOT);
    if (has(words, "crane")) {
      return CRANE;
    } else if (has(words, "hull", "boat", "bow", "sheer")) {
      return HULL;
    } else if (has(words, "shed", "quay", "steps", "perspective")) {
      return SHED;
    } else if (has(words, "rope", "knot", "coil", "net", "rigging")) {
      return COIL;
    } else if (has(words, "post", "bollard", "plumb", "level", "line")) {
      return POST;
    } else if (has(words, "sail", "spar", "scene", "thumbnail", "redraw", "baseline")) {
      return SAIL;
    } else if (has(words, "people", "figure", "gesture", "dog", "gull")) {
      return PEOPLE;
    } else if (has(words, "crate", "box", "form", "shade", "light")) {
      return CRATES;
    } else if (has(words, "bucket", "barrel", "ellipse", "tyre", "cylinder", "cone")) {
      return BUCKETS;
    } else if (has(words, "cat")) {
      return CAT;
    }
    return has(words, "water", "ripple", "sky", "weather") ? WATER : HULL;
  }

  private static boolean has(String words, String... any) {
    for (var each : any) {
      if (words.contains(each)) {
        return true;
      }
    }
    return false;
  }

  /** Its lines; how many there are of it on one page is the caller's. */
  List<Line> lines() {
    return switch (this) {
      case HULL ->
          List.of(
              line(.05, .42, .2, .5, .45, .54, .7, .52, .95, .4),
              line(.05, .42, .12, .6, .22, .7, .75, .7, .95, .4),
              line(.09, .5, .25, .58, .5, .61, .75, .59, .91, .5),
              line(.12, .57, .3, .64, .55, .66, .8, .63),
              line(.5, .54, .5, .2),
              line(.02, .74, .98, .73));
      case CRANE ->
          List.of(
              line(.42, .95, .45, .3),
              line(.58, .95, .55, .3),
              line(.43, .85, .57, .76, .44, .66, .56, .57, .45, .47, .55, .38),
              line(.15, .3, .9, .12),
              line(.2, .33, .9, .2),
              line(.45, .3, .3, .28, .42, .2),
              line(.88, .14, .88, .5),
              line(.1, .96, .95, .95));
      case SHED ->
          List.of(
              line(.1, .45, .35, .25, .6, .42),
              line(.1, .45, .1, .8, .6, .85, .6, .42),
              line(.35, .25, .75, .22, .92, .36, .6, .42),
              line(.92, .36, .92, .74, .6, .85),
              line(.2, .5, .2, .8),
              line(.28, .5, .28, .81),
              line(.36, .5, .36, .82),
              line(.7, .5, .82, .47, .82, .62, .7, .66, .7, .5));
      case COIL -> coil();
      case POST ->
          List.of(
              ellipse(.5, .25, .16, .06),
              line(.34, .25, .38, .85),
              line(.66, .25, .62, .85),
              line(.38, .85, .5, .89, .62, .85),
              line(.36, .45, .5, .52, .66, .46, .8, .7, .95, .72),
              line(.1, .9, .95, .89));
      case SAIL ->
          List.of(
              line(.5, .1, .5, .66),
              line(.5, .12, .82, .6, .52, .6),
              line(.48, .18, .25, .6, .48, .6),
              line(.12, .66, .9, .64, .78, .78, .25, .79, .12, .66),
              line(.05, .82, .35, .81, .6, .83, .95, .81));
      case PEOPLE -> people();
      case CRATES ->
          List.of(
              line(.1, .55, .4, .45, .62, .55, .32, .66, .1, .55),
              line(.1, .55, .1, .82, .32, .94, .32, .66),
              line(.62, .55, .62, .82, .32, .94),
              line(.5, .3, .72, .22, .9, .31, .68, .4, .5, .3),
              line(.5, .3, .5, .48),
              line(.9, .31, .9, .52, .68, .62, .68, .4));
      case BUCKETS ->
          List.of(
              ellipse(.3, .35, .2, .07),
              line(.1, .35, .16, .8),
              line(.5, .35, .44, .8),
              line(.16, .8, .3, .85, .44, .8),
              line(.1, .33, .3, .1, .5, .33),
              ellipse(.76, .5, .15, .05),
              line(.61, .5, .6, .68, .63, .86),
              line(.91, .5, .92, .68, .89, .86),
              line(.63, .86, .76, .9, .89, .86));
      case CAT ->
          List.of(
              line(.3, .85, .28, .55, .38, .4, .55, .42, .68, .6, .7, .86),
              ellipse(.42, .3, .12, .1),
              line(.33, .23, .34, .12, .41, .2),
              line(.46, .2, .53, .12, .52, .24),
              line(.7, .82, .85, .8, .9, .6, .82, .5),
              line(.36, .85, .38, .68, .42, .86),
              line(.2, .88, .95, .87));
      case WATER ->
          List.of(
              line(.05, .3, .3, .28, .5, .31, .95, .29),
              line(.1, .45, .25, .43, .4, .46, .55, .44),
              line(.5, .55, .65, .53, .8, .56, .95, .54),
              line(.05, .66, .3, .64, .45, .67),
              line(.35, .78, .6, .76, .85, .79),
              line(.15, .9, .4, .88, .7, .91));
    };
  }

  private static List<Line> people() {
    var all = new ArrayList<Line>();
    for (int i = 0; i < 3; i++) {
      double x = .2 + .3 * i;
      double lean = .03 * (i - 1);
      all.add(ellipse(x + lean, .2, .05, .05));
      all.add(line(x + lean, .26, x - lean, .55));
      all.add(line(x - lean, .55, x - .08, .72, x - .1, .9));
      all.add(line(x - lean, .55, x + .07, .72, x + .06, .9));
      all.add(line(x + lean, .32, x - .09, .42, x - .1, .53));
      all.add(line(x + lean, .32, x + .1, .4, x + .14, .3 + .1 * i));
    }
    return all;
  }

  private static List<Line> coil() {
    var all = new ArrayList<Line>();
    for (int ring = 1; ring <= 5; ring++) {
      all.add(ellipse(.48, .5, .08 * ring, .045 * ring));
    }
    all.add(line(.88, .5, .95, .62, .9, .8));
    return all;
  }

  private static Line line(double... xy) {
    return new Line(xy);
  }

  private static Line ellipse(double x, double y, double rx, double ry) {
    int steps = 18;
    var xy = new double[2 * (steps + 1)];
    for (int i = 0; i <= steps; i++) {
      double a = 2 * Math.PI * i / steps;
      xy[2 * i] = x + rx * Math.cos(a);
      xy[2 * i + 1] = y + ry * Math.sin(a);
    }
    return new Line(xy);
  }
}
