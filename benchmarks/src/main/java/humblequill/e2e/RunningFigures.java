package humblequill.e2e;

import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;

/** Measures the running application: its start, Today's answer, and Today in the browser. */
public final class RunningFigures {
  private static final int STARTS = 5;
  private static final int ANSWERS = 200;
  private static final int OPENINGS = 9;

  private RunningFigures() {}

  /**
   * Measures.
   *
   * @param args the jar of the bare application
   */
  public static void main(String[] args) throws Exception {
    start(Path.of(args[0]));
    todaysAnswer();
    todayInTheBrowser();
    figureAsPng();
  }

  private static void figureAsPng() throws Exception {
    try (var quill = QuillProcess.start(Quill.folder())) {
      var times = new ArrayList<Double>();
      for (int i = 0; i < 2 * ANSWERS; i++) {
        int seed = i;
        double time = millis(() -> MeasuredJourneys.figure(quill, seed), answer -> {});
        if (i >= ANSWERS) {
          times.add(time);
        }
      }
      System.out.printf(
          "figure as PNG of 1200 dots, over HTTP: %.0f ms (median of %d)%n",
          median(times), times.size());
    }
  }

  private static void start(Path bareJar) throws Exception {
    var ours = new ArrayList<Double>();
    var bare = new ArrayList<Double>();
    for (int i = 0; i < STARTS; i++) {
      ours.add(millis(() -> QuillProcess.start(Quill.folder()), Quill::close));
      bare.add(millis(() -> bare(bareJar), Process::destroyForcibly));
    }
    System.out.printf(
        "start to first answer: launcher %.0f ms, bare java -jar %.0f ms, ratio %.2f (medians of %d)%n",
        median(ours), median(bare), median(ours) / median(bare), STARTS);
  }

  private static Process bare(Path jar) throws Exception {
    int port = Quill.freePort();
    var process =
        new ProcessBuilder("java", "-jar", jar.toString(), "--server.port=" + port)
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .start();
    var request =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/things")).build();
    long end = System.nanoTime() + 90_000_000_000L;
    while (System.nanoTime() < end) {
      try {
        HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
        return process;
      } catch (IOException e) {
        Thread.onSpinWait();
      }
    }
    throw new IllegalStateException("The bare application did not start");
  }

  private static void todaysAnswer() throws Exception {
    double oneYear = todayWith(2000, 365);
    double tenYears = todayWith(20_000, 3650);
    System.out.printf(
        "GET /api/today: %.2f ms with one year, %.2f ms with ten years, ratio %.2f (medians of %d)%n",
        oneYear, tenYears, tenYears / oneYear, ANSWERS);
  }

  private static void lineRead(Quill quill, int days) throws Exception {
    var times = new ArrayList<Double>();
    for (int i = 0; i < 2 * ANSWERS; i++) {
      int number = i;
      double time = millis(() -> MeasuredJourneys.line(quill, number), answer -> {});
      if (i >= ANSWERS) {
        times.add(time);
      }
    }
    System.out.printf(
        "a log line with a slip, over HTTP, against %d days: %.2f ms (median of %d)%n",
        days, median(times), times.size());
  }

  private static double todayWith(int entries, int days) throws Exception {
    try (var quill = QuillProcess.start(Quill.folder(), "--demo")) {
      MeasuredJourneys.bringIn(quill, entries, days);
      for (int i = 0; i < ANSWERS; i++) {
        MeasuredJourneys.today(quill);
      }
      var times = new ArrayList<Double>();
      for (int i = 0; i < ANSWERS; i++) {
        times.add(millis(() -> MeasuredJourneys.today(quill), answer -> {}));
      }
      lineRead(quill, days);
      return median(times);
    }
  }

  private static void todayInTheBrowser() throws Exception {
    try (var quill = QuillProcess.start(Quill.folder(), "--demo");
        var pages = new Pages()) {
      var times = new ArrayList<Double>();
      for (int i = 0; i < OPENINGS; i++) {
        var context = pages.context(1280, 800, ColorScheme.LIGHT);
        times.add(millis(() -> MeasuredJourneys.openToday(quill, context), done -> {}));
        context.close();
      }
      System.out.printf(
          "Today, from navigation to the cursor in the log line: %.0f ms (median of %d, nothing cached)%n",
          median(times), OPENINGS);
      previewInTheBrowser(quill, pages);
    }
  }

  /** From the typed digit to the new end of the course, the typing pause of the form included. */
  private static void previewInTheBrowser(Quill quill, Pages pages) throws Exception {
    var page = MeasuredJourneys.longerWeek(quill, pages);
    var times = new ArrayList<Double>();
    for (int days = 15; days < 15 + OPENINGS; days++) {
      int length = days;
      times.add(
          millis(
              () -> {
                MeasuredJourneys.preview(page, length);
                return page;
              },
              done -> {}));
    }
    System.out.printf(
        "Preview of a change, from typing to the answer on screen: %.0f ms (median of %d)%n",
        median(times), OPENINGS);
  }

  private interface After<T> {
    void run(T result) throws Exception;
  }

  private static <T> double millis(Callable<T> work, After<T> after) throws Exception {
    long begin = System.nanoTime();
    T result = work.call();
    double millis = (System.nanoTime() - begin) / 1e6;
    after.run(result);
    return millis;
  }

  private static double median(List<Double> values) {
    var sorted = values.stream().mapToDouble(v -> v).toArray();
    Arrays.sort(sorted);
    return sorted[sorted.length / 2];
  }
}
