package humblequill.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.TimeUnit;

/** Many clients on many entries, several large imports at once, and a copy while others write. */
final class Load {
  private static final int COPIES = 9;
  private static final int ENTRIES = 20_000;
  private static final int CLIENTS = 50;
  private static final List<String> READS =
      List.of(
          "/api/today",
          "/api/entries",
          "/api/quotas",
          "/api/course",
          "/api/search?text=bow",
          "/api/streaks");

  private Load() {}

  static void run(int seconds) throws Exception {
    manyPromises();
    var folder = Quill.folder().resolve("data");
    try (var run = FaultyRun.start(folder, List.of())) {
      System.out.println(
          "20,000 entries in: "
              + run.send("POST", "/api/import?apply=true", "text/csv", csv(ENTRIES, 1, 0))
                  .status());
      for (var path : READS) {
        var times = new ArrayList<Double>();
        for (int i = 0; i < 60; i++) {
          times.add(millis(() -> run.send("GET", path, null, "")));
        }
        System.out.printf(
            "  one client, GET %-22s median %.1f ms%n", path, Faults.median(times.subList(20, 60)));
      }
      copies(run);
      clients(run, seconds);
      imports(run);
      Bombs.run(run);
    }
    System.out.printf(
        "restore of the copy: %.0f ms, start of the program in it%n",
        millis(() -> System.out.println(restored(folder))));
  }

  private static String restored(Path folder) {
    try {
      return QuillProcess.say(folder, "--restore", LocalDate.now().toString())
          .text()
          .lines()
          .findFirst()
          .orElse("");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return "";
    }
  }

  /** Promises of the last three years, and as many entries as such years have. */
  private static void manyPromises() throws Exception {
    try (var run = FaultyRun.start(Quill.folder().resolve("data"), List.of())) {
      run.send("POST", "/api/import?apply=true", "text/csv", csv(3_436, 2, 0));
      int kept = 0;
      for (int i = 0; i < 56; i++) {
        kept +=
            run.send("POST", "/api/quotas", "application/json", quota(i)).status() == 201 ? 1 : 0;
      }
      var times = new ArrayList<Double>();
      int length = 0;
      for (int i = 0; i < 60; i++) {
        var answer = new FaultyRun.Answer[1];
        times.add(millis(() -> answer[0] = run.send("GET", "/api/quotas", null, "")));
        length = answer[0].body().length();
      }
      System.out.printf(
          "%d promises over 3,436 entries: GET /api/quotas median %.1f ms, first %.0f ms, %d kB%n",
          kept, Faults.median(times.subList(20, 60)), times.get(0), length / 1000);
    }
  }

  private static String quota(int i) {
    var topics = List.of("boats", "cranes", "gesture", "hands", "perspective", "boxes");
    return "{\"id\":\""
        + UUID.randomUUID()
        + "\",\"terms\":{\"title\":\"Promise "
        + i
        + "\",\"kind\":\"OWN_TIME\",\"count\":900,\"start\":\""
        + LocalDate.now().minusDays(18L * i)
        + "\",\"unit\":\"DRAWINGS\",\"topic\":\""
        + topics.get(i % topics.size())
        + "\",\"rest\":[],\"policy\":\"SPREAD\",\"rules\":[],\"secondsEach\":300,\"beside\":false}}";
  }

  private static void clients(FaultyRun run, int seconds) throws InterruptedException {
    var end = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
    var reads = Collections.synchronizedList(new ArrayList<Double>());
    var writes = Collections.synchronizedList(new ArrayList<Double>());
    var codes = Collections.synchronizedMap(new TreeMap<Integer, Integer>());
    Faults.atOnce(
        CLIENTS,
        () -> {
          var random = new Random();
          while (System.nanoTime() < end) {
            boolean write = random.nextInt(5) == 0;
            var answer = new FaultyRun.Answer[1];
            double time =
                millis(
                    () ->
                        answer[0] =
                            write
                                ? run.send("POST", "/api/entries", "application/json", entry())
                                : run.send(
                                    "GET", READS.get(random.nextInt(READS.size())), null, ""));
            (write ? writes : reads).add(time);
            codes.merge(answer[0].status(), 1, Integer::sum);
          }
        });
    System.out.printf(
        "%d clients for %d s: answers %s, reads median %.0f ms, writes median %.0f ms%n",
        CLIENTS, seconds, codes, Faults.median(reads), Faults.median(writes));
  }

  private static void copies(FaultyRun run) throws InterruptedException {
    var quiet = new ArrayList<Double>();
    for (int i = 0; i < 60; i++) {
      quiet.add(millis(() -> run.send("POST", "/api/entries", "application/json", entry())));
    }
    var during = Collections.synchronizedList(new ArrayList<Double>());
    var copying =
        new Thread(
            () ->
                System.out.printf(
                    "verified copy of %d entries, the first after the start and beside writes without a"
                        + " pause: %.0f ms%n",
                    ENTRIES, copy(run)));
    copying.start();
    while (copying.isAlive()) {
      during.add(millis(() -> run.send("POST", "/api/entries", "application/json", entry())));
    }
    System.out.printf(
        "write: median %.1f ms alone, %.1f ms while a copy is made, longest then %.0f ms%n",
        Faults.median(quiet.subList(20, 60)),
        Faults.median(during),
        during.stream().mapToDouble(d -> d).max().orElse(0));
    var alone = new ArrayList<Double>();
    for (int i = 0; i < COPIES; i++) {
      alone.add(copy(run));
    }
    System.out.printf(
        "verified copies of %d entries, alone, %d of them: median %.0f ms, longest %.0f ms%n",
        ENTRIES, COPIES, Faults.median(alone), Collections.max(alone));
  }

  private static double copy(FaultyRun run) {
    return millis(() -> run.send("POST", "/api/copies", null, ""));
  }

  private static void imports(FaultyRun run) throws InterruptedException {
    var codes = Collections.synchronizedMap(new TreeMap<Integer, Integer>());
    Faults.atOnce(
        8,
        () -> {
          var file = csv(45_000, new Random().nextInt(), 260);
          codes.merge(run.send("POST", "/api/import", "text/csv", file).status(), 1, Integer::sum);
        });
    System.out.println(
        "Eight imports of 15 MB at once: "
            + codes
            + ", then Today: "
            + run.send("GET", "/api/today", null, "").status());
  }

  private static String entry() {
    return "{\"id\":\""
        + UUID.randomUUID()
        + "\",\"fields\":{\"day\":\"2026-03-05\",\"drawings\":1,\"topic\":\"boats\",\"wentWrong\":\"\",\"nextTime\":\"\",\"note\":\"\"}}";
  }

  static String csv(int lines, int seed, int longer) {
    var random = new Random(seed);
    var topics = List.of("boats", "cranes", "gesture", "hands", "perspective", "boxes");
    // Before the hour at which the practice day begins, the calendar's day is still to come.
    var today = LocalDate.now().minusDays(1);
    var out = new StringBuilder("day,topic,drawings,minutes,medium,book,page_from,mark,note\r\n");
    for (int i = 0; i < lines; i++) {
      out.append(today.minusDays(random.nextInt(3650)))
          .append(',')
          .append(topics.get(random.nextInt(topics.size())));
      out.append(',')
          .append(1 + random.nextInt(12))
          .append(',')
          .append(5 + random.nextInt(60))
          .append(",pen,Book ");
      out.append(i / 400).append(',').append(1 + i % 400).append(',').append(1 + random.nextInt(5));
      out.append(",note ")
          .append(seed)
          .append(' ')
          .append(i)
          .append(" about bow and stern ")
          .append("x".repeat(longer))
          .append("\r\n");
    }
    return out.toString();
  }

  private static double millis(Runnable work) {
    long begin = System.nanoTime();
    work.run();
    return (System.nanoTime() - begin) / 1e6;
  }
}
