package humblequill.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.TimeUnit;

/**
 * Kills the application under load, fills its disk, lets each of its calls to the disk fail in
 * turn, and loads it. Prints the tables of docs/promises.md.
 */
public final class Faults {
  private static final int WRITERS = 4;

  private Faults() {}

  /**
   * Runs.
   *
   * @param args {@code kills N}, {@code restores N}, {@code disk SMALL} with a small file system of
   *     its own, {@code inject N} with a tracer that can inject faults, {@code load SECONDS}
   */
  public static void main(String[] args) throws Exception {
    switch (args[0]) {
      case "kills" -> kills(Integer.parseInt(args[1]));
      case "disk" -> disk(Path.of(args[1]));
      case "inject" -> inject(Integer.parseInt(args[1]));
      case "restores" -> restores(Integer.parseInt(args[1]));
      case "load" -> Load.run(Integer.parseInt(args[1]));
      default -> throw new IllegalArgumentException(args[0]);
    }
  }

  private static void kills(int rounds) throws Exception {
    var folder = Quill.folder().resolve("data");
    var known = new FaultyRun.Acknowledged();
    int failedStarts = 0;
    for (int round = 0; round < rounds; round++) {
      var run = FaultyRun.start(folder, List.of());
      if (run == null) {
        failedStarts++;
        continue;
      }
      var writers = new ArrayList<Thread>();
      for (int i = 0; i < WRITERS; i++) {
        int first = i + WRITERS * round;
        var thread =
            new Thread(
                () -> {
                  var kinds = FaultyRun.Kind.values();
                  for (int n = first; run.send("GET", "/api/turn", null, "").status() != 0; n++) {
                    run.write(kinds[n % kinds.length], known);
                  }
                });
        thread.start();
        writers.add(thread);
      }
      Thread.sleep(1000 + ThreadLocalRandom.current().nextInt(3000));
      run.kill();
      for (var writer : writers) {
        writer.join();
      }
    }
    try (var run = FaultyRun.start(folder, List.of())) {
      System.out.println(
          "Kills: " + rounds + ", starts that failed: " + (failedStarts + (run == null ? 1 : 0)));
      for (var kind : FaultyRun.Kind.values()) {
        var there = known.there.get(kind);
        System.out.printf(
            "  %-14s acknowledged %5d, lost %d%n", kind, there.size(), run.lost(there));
      }
    }
  }

  /** Restores that are killed somewhere; what is there then is all old or all new. */
  private static void restores(int rounds) throws Exception {
    var folder = Quill.folder().resolve("data");
    try (var run = FaultyRun.start(folder, List.of())) {
      var read = run.send("POST", "/api/import?apply=true", "text/csv", Load.csv(5_000, 3, 0));
      var copied = run.send("POST", "/api/copies", null, "");
      if (read.status() != 200 || copied.status() != 200) {
        throw new IllegalStateException(read.body() + copied.body());
      }
    }
    // The newest of the day; the program made one of its own when it started.
    var today = LocalDate.now().toString();
    long began = System.nanoTime();
    QuillProcess.say(folder, "--restore", today);
    long whole = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - began);
    var outcomes = new TreeMap<String, Integer>();
    for (int round = 0; round < rounds; round++) {
      try (var run = FaultyRun.start(folder, List.of())) {
        run.send(
            "POST",
            "/api/import?apply=true",
            "text/csv",
            "day,topic\r\n2026-03-04,r" + round + "\r\n");
      }
      var restoring = new ProcessBuilder(QuillProcess.command(folder, "--restore", today)).start();
      Thread.sleep(ThreadLocalRandom.current().nextLong(whole * 5 / 4));
      boolean done = !restoring.isAlive();
      restoring.destroyForcibly();
      restoring.waitFor();
      try (var run = FaultyRun.start(folder, List.of())) {
        var total =
            run == null
                ? "start failed"
                : run.send("GET", "/api/entries?size=1", null, "")
                    .body()
                    .replaceAll(".*\"total\":(\\d+).*", "$1");
        boolean isNew = total.equals("5000");
        boolean isOld = !isNew && total.matches("\\d+") && Integer.parseInt(total) > 5000;
        outcomes.merge(
            (done ? "ended" : "killed") + ", then " + (isNew ? "new" : isOld ? "old" : total),
            1,
            Integer::sum);
      }
    }
    System.out.println("Restores of " + whole + " ms killed at some time: " + outcomes);
  }

  /** A small disk that fills up under four writers, again and again. */
  private static void disk(Path small) throws Exception {
    var folder = small.resolve("data");
    var filler = small.resolve("filler");
    var known = new FaultyRun.Acknowledged();
    int refusedReads = 0;
    try (var run = FaultyRun.start(folder, List.of())) {
      var end = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
      var writers = new ArrayList<Thread>();
      for (int i = 0; i < WRITERS; i++) {
        var thread =
            new Thread(
                () -> {
                  var kinds = FaultyRun.Kind.values();
                  for (int n = 0; System.nanoTime() < end; n++) {
                    run.write(kinds[n % kinds.length], known);
                  }
                });
        thread.start();
        writers.add(thread);
      }
      while (System.nanoTime() < end) {
        Thread.sleep(700);
        fill(filler);
        for (int i = 0; i < 20; i++) {
          refusedReads += run.send("GET", "/api/today", null, "").status() == 200 ? 0 : 1;
        }
        Thread.sleep(700);
        Files.delete(filler);
      }
      for (var writer : writers) {
        writer.join();
      }
      fill(filler);
    }
    try (var run = FaultyRun.start(folder, List.of())) {
      System.out.println(
          "Full disk: start "
              + (run == null ? "failed" : "succeeded")
              + ", reads refused: "
              + refusedReads);
      for (var kind : FaultyRun.Kind.values()) {
        var there = known.there.get(kind);
        System.out.printf(
            "  %-14s acknowledged %5d, refused %5d, lost %d%n",
            kind, there.size(), known.refused.get(kind).get(), run == null ? -1 : run.lost(there));
      }
    }
    Files.delete(filler);
  }

  private static void fill(Path filler) throws IOException {
    try (var out = Files.newOutputStream(filler)) {
      var block = new byte[4096];
      while (true) {
        out.write(block);
      }
    } catch (IOException e) {
      // Full, as intended.
    }
  }

  /**
   * Calls to the disk fail in turn, on files of the data folder alone: the first of a run one by
   * one, later ones ever farther apart (1, 2, 3, 5, 8, 13 ...), so that few runs reach the last of
   * them.
   */
  private static void inject(int points) throws Exception {
    var outcomes = new TreeMap<String, Integer>();
    int lost = 0;
    int failedStarts = 0;
    for (var call : List.of("pwrite64,write", "fsync,fdatasync", "rename,renameat,renameat2")) {
      for (var error : List.of("ENOSPC", "EIO")) {
        for (int at = 1, next = 2, point = 0; point < points; point++) {
          var base = Quill.folder();
          var folder = base.resolve("data");
          Files.createDirectories(folder.resolve("copies"));
          Files.createDirectories(folder.resolve("courses"));
          var tracer = new ArrayList<>(List.of("strace", "-f", "-qq", "-o", "/dev/null"));
          for (var path :
              List.of(
                  "quill.mv.db",
                  "copies",
                  "copies/unfinished.zip",
                  "courses",
                  "about-this-folder.txt")) {
            tracer.addAll(List.of("-P", folder.resolve(path).toString()));
          }
          tracer.addAll(
              List.of(
                  "-e",
                  "trace=" + call,
                  "-e",
                  "inject=" + call + ":error=" + error + ":when=" + at));
          var known = new FaultyRun.Acknowledged();
          var run = FaultyRun.start(folder, tracer);
          boolean started = run != null;
          if (started) {
            for (int n = 0; n < 2; n++) {
              for (var kind : FaultyRun.Kind.values()) {
                run.write(kind, known);
              }
            }
            run.kill();
          }
          try (var again = FaultyRun.start(folder, List.of())) {
            if (again == null) {
              failedStarts++;
              System.out.println("After " + error + " at call " + at + " of " + call + ":");
              System.out.println(Files.readString(base.resolve("faults.log")));
            } else {
              for (var kind : FaultyRun.Kind.values()) {
                lost += again.lost(known.there.get(kind));
              }
            }
          }
          int refused = known.refused.values().stream().mapToInt(n -> n.get()).sum();
          outcomes.merge(
              call
                  + " "
                  + error
                  + ": "
                  + (started ? refused == 0 ? "all kept" : "refused" : "start refused"),
              1,
              Integer::sum);
          int later = at + next;
          at = next;
          next = later;
        }
      }
    }
    System.out.println("Injected faults, by outcome: ");
    outcomes.forEach((outcome, count) -> System.out.println("  " + outcome + " " + count));
    System.out.println(
        "Acknowledged and lost: " + lost + ", later starts that failed: " + failedStarts);
  }

  /** Middle value. */
  static double median(List<Double> values) {
    var sorted = values.stream().mapToDouble(Double::doubleValue).sorted().toArray();
    return sorted.length == 0 ? 0 : sorted[sorted.length / 2];
  }

  /** Runs something on many threads at once. */
  static void atOnce(int threads, Runnable work) throws InterruptedException {
    var ready = new CountDownLatch(1);
    var all = new ConcurrentLinkedQueue<Thread>();
    for (int i = 0; i < threads; i++) {
      var thread =
          new Thread(
              () -> {
                try {
                  ready.await();
                  work.run();
                } catch (InterruptedException e) {
                  Thread.currentThread().interrupt();
                }
              });
      thread.start();
      all.add(thread);
    }
    ready.countDown();
    for (var thread : all) {
      thread.join();
    }
  }
}
