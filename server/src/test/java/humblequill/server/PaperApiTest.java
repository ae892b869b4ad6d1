package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Sheets of paper in pictures, over HTTP: where they lie is known, since the tests lay them. */
@ExtendWith(RunningQuill.class)
class PaperApiTest {
  private static final int W = 900;
  private static final int H = 700;

  /**
   * The spread whose gutter is known, see HomographyTest; the left page blue, the right one green.
   */
  private static final double[][] SPREAD = {{90, 90}, {810, 140}, {740, 560}, {120, 500}};

  private static final double[][] MIDDLE = crossings();

  /** The middle line, by crossing diagonals and the point in which the upright sides meet. */
  private static double[][] crossings() {
    var middle = crossing(SPREAD[0], SPREAD[2], SPREAD[1], SPREAD[3]);
    var far = crossing(SPREAD[0], SPREAD[3], SPREAD[1], SPREAD[2]);
    return new double[][] {
      crossing(middle, far, SPREAD[0], SPREAD[1]), crossing(middle, far, SPREAD[3], SPREAD[2])
    };
  }

  private static double[] crossing(double[] a, double[] b, double[] c, double[] d) {
    double across = (b[0] - a[0]) * (d[1] - c[1]) - (b[1] - a[1]) * (d[0] - c[0]);
    double t = ((c[0] - a[0]) * (d[1] - c[1]) - (c[1] - a[1]) * (d[0] - c[0])) / across;
    return new double[] {a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])};
  }

  private static byte[] spread(int seed) throws IOException {
    var image = new BufferedImage(W, H, BufferedImage.TYPE_INT_RGB);
    var pen = image.createGraphics();
    pen.setColor(new Color(60, 50, 40 + seed));
    pen.fillRect(0, 0, W, H);
    fill(pen, new Color(200, 210, 255), SPREAD[0], MIDDLE[0], MIDDLE[1], SPREAD[3]);
    fill(pen, new Color(200, 255, 210), MIDDLE[0], SPREAD[1], SPREAD[2], MIDDLE[1]);
    pen.dispose();
    var out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  private static void fill(java.awt.Graphics2D pen, Color color, double[]... corners) {
    var path = new Path2D.Double();
    path.moveTo(corners[0][0], corners[0][1]);
    Arrays.stream(corners).skip(1).forEach(c -> path.lineTo(c[0], c[1]));
    path.closePath();
    pen.setColor(color);
    pen.fill(path);
  }

  private static UUID sent(Api api, byte[] picture) {
    var id = UUID.randomUUID();
    var answer = api.putBytes("/api/pictures/" + id + "?name=spread.png", picture);
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return id;
  }

  private static Map<String, Object> spot(double[] at) {
    return Map.of("x", at[0] / W, "y", at[1] / H);
  }

  private static List<Map<String, Object>> spots(double[][] corners) {
    return Arrays.stream(corners).map(PaperApiTest::spot).toList();
  }

  private static Map<String, Object> sheet(double[][] corners) {
    return Map.of("corners", spots(corners), "evenLight", false);
  }

  private static BufferedImage seen(Api api, Object id, String way) throws IOException {
    return ImageIO.read(new ByteArrayInputStream(api.bytes("/api/pictures/" + id + "/" + way)));
  }

  private static void isAll(BufferedImage image, Color color) {
    for (int y = 12; y < image.getHeight() - 12; y += 20) {
      for (int x = 12; x < image.getWidth() - 12; x += 20) {
        var there = new Color(image.getRGB(x, y));
        assertThat(Math.abs(there.getRed() - color.getRed())).isLessThan(8);
        assertThat(Math.abs(there.getBlue() - color.getBlue())).isLessThan(8);
      }
    }
  }

  private static UUID book(Api api, String name, Object leaves) {
    var id = UUID.randomUUID();
    var fields = BookApiTest.fields(name, "format", "A5", "leaves", leaves);
    assertThat(api.post("/api/books", Map.of("id", id, "fields", fields)).status()).isEqualTo(201);
    return id;
  }

  @Test
  void the_paper_is_proposed_where_it_lies(Api api) throws IOException {
    var id = sent(api, spread(1));
    var paper = api.get("/api/pictures/" + id + "/paper").json();
    assertThat(paper.path("sure").asDouble()).isGreaterThan(.8);
    for (int i = 0; i < 4; i++) {
      var corner = paper.path("corners").get(i);
      assertThat(corner.path("x").asDouble() * W).isCloseTo(SPREAD[i][0], within(6.));
      assertThat(corner.path("y").asDouble() * H).isCloseTo(SPREAD[i][1], within(6.));
    }
    var gutter = paper.path("gutter").path("upper");
    assertThat(gutter.path("x").asDouble() * W).isCloseTo(MIDDLE[0][0], within(6.));
  }

  @Test
  void pictures_in_a_row_are_pages_in_a_row_two_a_picture(Api api) throws IOException {
    var book = book(api, "In a row", 4);
    var ids = new java.util.ArrayList<UUID>();
    for (int i = 0; i < 3; i++) {
      ids.add(sent(api, spread(20 + i)));
    }
    var waiting = new java.util.ArrayList<String>();
    api.get("/api/tray")
        .json()
        .path("waiting")
        .forEach(w -> waiting.add(w.path("picture").path("id").asString()));
    var from = waiting.stream().filter(id -> ids.contains(UUID.fromString(id))).findFirst();
    var asked = "/api/tray/row?book=" + book + "&two=true&from=" + from.orElseThrow();
    var row = api.get(asked + "&first=5").json();
    assertThat(row.path("row").get(0).path("to").asInt()).isEqualTo(6);
    assertThat(row.path("row").get(1).path("from").asInt()).isEqualTo(7);
    assertThat(row.path("row")).as("eight pages in all").hasSize(2);
    assertThat(row.path("without").asInt()).isPositive();
    assertThat(api.get(asked + "&first=0").status()).isEqualTo(400);

    var part = UUID.randomUUID();
    var body = Map.of("part", part, "book", book, "from", 5, "two", true);
    for (int again = 0; again < 2; again++) {
      var placed = api.put("/api/tray/row/" + ids.get(0), body);
      assertThat(placed.status()).as(placed.body()).isEqualTo(200);
      assertThat(placed.json().path("parted").asBoolean()).isTrue();
    }
    isAll(seen(api, ids.get(0), "LARGE"), new Color(200, 210, 255));
    isAll(seen(api, part, "LARGE"), new Color(200, 255, 210));
    var right = api.get("/api/books/" + book + "/pages/6").json().path("pictures");
    assertThat(right.get(0).path("id").asString()).isEqualTo(part.toString());
    assertThat(api.get(asked + "&first=5").json().path("taken").toString()).isEqualTo("[5,6]");
  }

  @Test
  void two_pages_are_parted_onto_their_pages_in_the_books_format(Api api) throws IOException {
    var picture = spread(2);
    var id = sent(api, picture);
    var book = book(api, "Parted", 4);
    api.put("/api/pictures/" + id + "/page", Map.of("book", book, "number", 4, "beside", false));
    var part = UUID.randomUUID();
    var body = twoPages(part);
    for (int again = 0; again < 2; again++) {
      var parted = api.post("/api/pictures/" + id + "/parting", body);
      assertThat(parted.status()).as(parted.body()).isEqualTo(200);
      assertThat(parted.json().path("rightNumber").asInt()).isEqualTo(5);
    }
    isAll(seen(api, id, "LARGE"), new Color(200, 210, 255));
    isAll(seen(api, part, "LARGE"), new Color(200, 255, 210));
    var right = api.get("/api/books/" + book + "/pages/5").json().path("pictures");
    assertThat(right).hasSize(1);
    double ratio = right.get(0).path("width").asDouble() / right.get(0).path("height").asDouble();
    assertThat(ratio).as("A5 is 148 by 210 mm, ISO 216").isCloseTo(148. / 210, within(.01));
    assertThat(api.bytes("/api/pictures/" + id)).as("the file stays").isEqualTo(picture);
    assertThat(api.bytes("/api/pictures/" + part)).isEqualTo(picture);

    var turned = api.post("/api/pictures/" + id + "/turn", null);
    assertThat(turned.json().path("width").asInt())
        .isGreaterThan(turned.json().path("height").asInt());
    isAll(seen(api, id, "LARGE"), new Color(200, 210, 255));

    var plain = api.delete("/api/pictures/" + id + "/paper").json();
    assertThat(plain.path("straight").asBoolean()).isFalse();
    assertThat(plain.path("width").asInt()).as("turned once").isEqualTo(H);
  }

  @Test
  void a_part_of_a_picture_waits_and_the_last_page_has_none_after_it(Api api) throws IOException {
    var id = sent(api, spread(3));
    var book = book(api, "Parted at its end", 2);
    api.put("/api/pictures/" + id + "/page", Map.of("book", book, "number", 4, "beside", false));
    var part = UUID.randomUUID();
    var body = twoPages(part);
    var parted = api.post("/api/pictures/" + id + "/parting", body).json();
    assertThat(parted.path("rightNumber").isNull()).isTrue();
    assertThat(waits(api, part)).isTrue();
    var another = UUID.randomUUID();
    var kept =
        api.post(
            "/api/pictures/" + part + "/parts", Map.of("part", another, "sheet", sheet(SPREAD)));
    assertThat(kept.json().path("partOf").asString()).isEqualTo(id.toString());
    assertThat(waits(api, another)).isTrue();
    var stranger = sent(api, spread(9));
    var taken = Map.of("part", stranger, "sheet", sheet(SPREAD));
    assertThat(api.post("/api/pictures/" + id + "/parts", taken).status())
        .as("a picture of its own is never written over")
        .isEqualTo(409);
    assertThat(api.bytes("/api/pictures/" + stranger)).isEqualTo(spread(9));
    api.delete("/api/pictures/" + another);
    assertThat(waits(api, another)).isFalse();
  }

  private static Map<String, Object> twoPages(UUID part) {
    return Map.of(
        "part",
        part,
        "sheet",
        sheet(SPREAD),
        "gutter",
        Map.of("upper", spot(MIDDLE[0]), "lower", spot(MIDDLE[1])));
  }

  private static boolean waits(Api api, UUID picture) {
    return api.get("/api/tray")
        .json()
        .path("waiting")
        .valueStream()
        .map((JsonNode w) -> w.path("picture").path("id").asString())
        .anyMatch(picture.toString()::equals);
  }

  @Test
  void corners_that_go_around_no_page_are_refused_in_words(Api api) throws IOException {
    var id = sent(api, spread(4));
    double[][] crossed = {SPREAD[0], SPREAD[2], SPREAD[1], SPREAD[3]};
    double[][] mirrored = {SPREAD[1], SPREAD[0], SPREAD[3], SPREAD[2]};
    double[][] point = {SPREAD[0], SPREAD[0], SPREAD[0], SPREAD[0]};
    double[][] outside = {{-900, 0}, SPREAD[1], SPREAD[2], SPREAD[3]};
    for (var corners : List.of(crossed, mirrored, point, outside)) {
      var answer = api.put("/api/pictures/" + id + "/paper", sheet(corners));
      assertThat(answer.status()).as(answer.body()).isEqualTo(400);
      assertThat(answer.json().path("field").asString()).isEqualTo("corners");
    }
    for (var bad : List.of("NaN,0,1,0,1,1,0,1", "0,0,1,0", "x", "0,0,1,0,1,1,0,Infinity", "")) {
      assertThat(api.get("/api/pictures/" + id + "/straightened?corners=" + bad).status())
          .as(bad)
          .isEqualTo(400);
    }
    assertThat(api.get("/api/pictures/" + UUID.randomUUID() + "/paper").status()).isEqualTo(404);
  }
}
