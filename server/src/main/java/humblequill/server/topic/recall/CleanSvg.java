package humblequill.server.topic.recall;

import humblequill.core.ground.message.Message;
import humblequill.core.topic.recall.Plate;
import humblequill.server.ground.edge.Refusal;
import java.io.StringReader;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * A drawing in SVG with nothing but lines, shapes and words in it: what could run, or ask for
 * something elsewhere, is left out.
 *
 * @param svg the cleaned drawing
 * @param ratio its width ÷ height
 * @param leftOut names of what was left out
 */
record CleanSvg(String svg, double ratio, List<String> leftOut) {
  private static final String SVG = "http://www.w3.org/2000/svg";
  private static final int DEEPEST = 200;
  private static final int MOST_ELEMENTS = 50_000;
  private static final Set<String> SHAPES =
      Set.of(
          "svg",
          "g",
          "path",
          "rect",
          "circle",
          "ellipse",
          "line",
          "polyline",
          "polygon",
          "text",
          "tspan",
          "title",
          "desc",
          "defs",
          "linearGradient",
          "radialGradient",
          "stop",
          "clipPath");
  private static final Set<String> MEASURES =
      Set.of(
          "d",
          "x",
          "y",
          "x1",
          "y1",
          "x2",
          "y2",
          "cx",
          "cy",
          "r",
          "rx",
          "ry",
          "dx",
          "dy",
          "fx",
          "fy",
          "width",
          "height",
          "points",
          "transform",
          "id",
          "offset",
          "opacity",
          "display",
          "visibility",
          "gradientUnits",
          "gradientTransform",
          "spreadMethod",
          "clipPathUnits",
          "style");
  private static final Pattern LOOKS =
      Pattern.compile("(fill|stroke|font|text|stop|clip|letter)(-[a-z]+)*");
  private static final Pattern ELSEWHERE =
      Pattern.compile("url\\s*\\(\\s*(?!['\"]?#)|javascript:|@|\\\\|<", Pattern.CASE_INSENSITIVE);
  private static final Pattern LENGTH =
      Pattern.compile("\\s*([0-9]*\\.?[0-9]+)\\s*(px|mm|cm|in|pt)?");

  /** Cleans a drawing. */
  static CleanSvg of(String text) {
    var factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    try {
      return new Reading(factory.createXMLStreamReader(new StringReader(text))).read();
    } catch (XMLStreamException e) {
      throw refused(Message.of("topic.svgUnreadable", "line", e.getLocation().getLineNumber()));
    }
  }

  private static Refusal refused(Message why) {
    return Refusal.badValue("svg", "", why);
  }

  /** One reading, from the beginning to the end. */
  private static final class Reading {
    private final XMLStreamReader in;
    private final StringBuilder out = new StringBuilder();
    private final Collection<String> leftOut = new LinkedHashSet<>();
    private double ratio;
    private int depth;
    private int elements;

    Reading(XMLStreamReader in) {
      this.in = in;
    }

    CleanSvg read() throws XMLStreamException {
      while (in.hasNext()) {
        switch (in.next()) {
          case XMLStreamConstants.DTD, XMLStreamConstants.ENTITY_REFERENCE ->
              throw refused(Message.of("topic.svgEntities"));
          case XMLStreamConstants.START_ELEMENT -> begin();
          case XMLStreamConstants.END_ELEMENT -> {
            depth--;
            out.append("</").append(in.getLocalName()).append('>');
          }
          case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA ->
              out.append(escaped(in.getText()));
          default -> {
            // Remarks and the like are left out.
          }
        }
      }
      return new CleanSvg(out.toString(), ratio, leftOut.stream().limit(12).toList());
    }

    private void begin() throws XMLStreamException {
      var name = in.getLocalName();
      if (depth == 0 && !"svg".equals(name)) {
        throw refused(Message.of("topic.noSvg", "begin", shown(name)));
      }
      if (depth + 1 > DEEPEST || ++elements > MOST_ELEMENTS) {
        throw refused(Message.of("topic.svgTooLarge", "most", MOST_ELEMENTS, "deepest", DEEPEST));
      }
      if (!SHAPES.contains(name) || !isOfSvg()) {
        leftOut.add(shown(name));
        skip();
        return;
      }
      out.append('<').append(name);
      if (depth == 0) {
        out.append(" xmlns=\"").append(SVG).append('"').append(root());
      } else {
        attributes();
      }
      out.append('>');
      depth++;
    }

    private boolean isOfSvg() {
      var space = in.getNamespaceURI();
      return space == null || space.isEmpty() || space.equals(SVG);
    }

    private static String shown(String name) {
      return name.length() > 40 ? name.substring(0, 40) : name;
    }

    /** Passes over an element and all within it. */
    private void skip() throws XMLStreamException {
      for (int open = 1; open > 0; ) {
        int event = in.next();
        open +=
            event == XMLStreamConstants.START_ELEMENT
                ? 1
                : event == XMLStreamConstants.END_ELEMENT ? -1 : 0;
      }
    }

    private void attributes() {
      for (int i = 0; i < in.getAttributeCount(); i++) {
        var name = in.getAttributeLocalName(i);
        var value = in.getAttributeValue(i);
        var space = in.getAttributeNamespace(i);
        boolean plain = space == null || space.isEmpty();
        if (!plain
            || !(MEASURES.contains(name) || LOOKS.matcher(name).matches())
            || ELSEWHERE.matcher(value).find()) {
          leftOut.add(shown(name));
        } else {
          out.append(' ').append(name).append("=\"").append(escaped(value)).append('"');
        }
      }
    }

    /** The size of the whole, always as a viewBox. */
    private String root() {
      var box = Optional.ofNullable(in.getAttributeValue(null, "viewBox"));
      var looks = new TreeMap<String, String>();
      for (int i = 0; i < in.getAttributeCount(); i++) {
        var name = in.getAttributeLocalName(i);
        if (LOOKS.matcher(name).matches() && !ELSEWHERE.matcher(in.getAttributeValue(i)).find()) {
          looks.put(name, in.getAttributeValue(i));
        } else if (name.startsWith("on")) {
          leftOut.add(shown(name));
        }
      }
      var sides =
          box.map(b -> Stream.of(b.strip().split("[\\s,]+")).map(Reading::number).toList())
              .orElseGet(
                  () ->
                      List.of(
                          0.0,
                          0.0,
                          length(in.getAttributeValue(null, "width")),
                          length(in.getAttributeValue(null, "height"))));
      if (sides.size() != 4 || !(sides.get(2) > 0) || !(sides.get(3) > 0)) {
        throw refused(Message.of("topic.svgWithoutSize"));
      }
      ratio = sides.get(2) / sides.get(3);
      if (!(ratio >= 1 / Plate.WIDEST && ratio <= Plate.WIDEST)) {
        throw refused(Message.of("topic.svgTooLong"));
      }
      var all = new StringBuilder();
      all.append(" viewBox=\"%s %s %s %s\"".formatted(sides.toArray()));
      looks.forEach(
          (name, value) ->
              all.append(' ').append(name).append("=\"").append(escaped(value)).append('"'));
      return all.toString();
    }

    private static double number(String text) {
      try {
        double number = Double.parseDouble(text);
        return Double.isFinite(number) ? number : 0;
      } catch (NumberFormatException e) {
        return 0;
      }
    }

    private static double length(String text) {
      var length = LENGTH.matcher(text == null ? "" : text);
      return length.matches() ? number(length.group(1)) : 0;
    }

    private static String escaped(String text) {
      return text.replace("&", "&amp;")
          .replace("<", "&lt;")
          .replace(">", "&gt;")
          .replace("\"", "&quot;");
    }
  }
}
