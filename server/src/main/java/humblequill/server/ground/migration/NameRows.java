package humblequill.server.ground.migration;

import humblequill.core.day.entry.Poses;
import humblequill.core.ground.name.Fold;
import humblequill.core.ground.name.MediumProperty;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.core.ground.name.ShippedNames;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** Makes a row for every name that was written, and lets entries refer to it. */
final class NameRows {
  private static final Map<NameKind, String> COLUMNS =
      Map.of(
          NameKind.TOPIC, "topic",
          NameKind.SOURCE, "source",
          NameKind.MEDIUM, "medium",
          NameKind.RESOURCE, "resource",
          NameKind.BOOK, "book");
  private static final int LONGEST_NOTE = 2000;

  private final Connection connection;
  private final List<Name> given = new ArrayList<>();
  private final Map<UUID, Name> rows = new LinkedHashMap<>();
  private final Map<String, UUID> found = new HashMap<>();
  private Names names;

  NameRows(Connection connection) throws SQLException {
    this.connection = connection;
    given.addAll(ShippedNames.all());
    given.addAll(Topics.names(connection));
    ownWords();
    names = Names.of(rows.values(), given);
    for (var name : rows.values()) {
      insert(name);
    }
  }

  /** The learner's own words of before; one that is given anyway adds its spellings to that. */
  private void ownWords() throws SQLException {
    var taken = new HashMap<String, UUID>();
    try (var words =
        connection
            .createStatement()
            .executeQuery("select id, kind, name, spellings from word order by kind, name")) {
      while (words.next()) {
        var kind = NameKind.valueOf(words.getString("kind"));
        var text = words.getString("name").strip();
        var same =
            given.stream()
                .filter(n -> n.kind() == kind && Fold.of(n.text()).equals(Fold.of(text)))
                .findFirst();
        var id = same.map(Name::id).orElse(Rows.uuid(words.getObject("id")));
        if (taken.putIfAbsent(kind + Fold.of(text), id) == null) {
          rows.put(id, new Name(id, kind, text, List.of(), properties(kind, text), none()));
        }
        var spellings = words.getString("spellings");
        for (var spelling : spellings.isEmpty() ? new String[0] : spellings.split("\n")) {
          spelled(taken, kind, id, spelling);
        }
      }
    }
  }

  private void spelled(Map<String, UUID> taken, NameKind kind, UUID id, String spelling) {
    var name = rows.get(id);
    if (name != null && taken.putIfAbsent(kind + Fold.of(spelling), id) == null) {
      var all = new ArrayList<>(name.spellings());
      all.add(spelling);
      rows.put(id, name.with(all, name.properties()));
    }
  }

  private static Optional<UUID> none() {
    return Optional.empty();
  }

  /** A medium of the learner's own that is a spelling of one that ships is like that one. */
  private static Set<MediumProperty> properties(NameKind kind, String text) {
    return kind == NameKind.MEDIUM ? new Names(ShippedNames.all()).propertiesOf(text) : Set.of();
  }

  private void insert(Name name) throws SQLException {
    try (var insert =
        connection.prepareStatement(
            "insert into name (id, version, kind, text, spellings, properties) "
                + "values (?, 0, ?, ?, ?, ?)")) {
      insert.setObject(1, name.id());
      insert.setString(2, name.kind().name());
      insert.setString(3, name.text());
      insert.setString(4, String.join("\n", name.spellings()));
      insert.setString(
          5,
          name.properties().stream()
              .map(p -> Rows.word(p.name()))
              .sorted()
              .collect(Collectors.joining(" ")));
      insert.executeUpdate();
    }
  }

  /** The identity of a name; a row is made for one that has none yet. */
  private UUID idOf(NameKind kind, String text) throws SQLException {
    var key = kind + text;
    var known = found.get(key);
    if (known != null) {
      return known;
    }
    var name = names.find(kind, text).orElseGet(() -> Name.fresh(UUID.randomUUID(), kind, text));
    if (rows.putIfAbsent(name.id(), name) == null) {
      insert(name.with(List.of(), name.properties()));
      names = Names.of(rows.values(), given);
    }
    found.put(key, name.id());
    return name.id();
  }

  /** A name as documents refer to it; null for an empty text. */
  JsonNode refer(NameKind kind, String text) throws SQLException {
    var stripped = text.strip();
    if (stripped.isEmpty()) {
      return tools.jackson.databind.node.NullNode.instance;
    }
    return Rows.object().put("id", idOf(kind, stripped).toString()).put("text", stripped);
  }

  /** Lets entries refer to names, and writes poses in the one form there is. */
  void fillEntries() throws SQLException {
    for (var kind : new TreeSet<>(COLUMNS.keySet())) {
      fill(kind, COLUMNS.get(kind));
    }
    poses();
  }

  private void fill(NameKind kind, String column) throws SQLException {
    var texts =
        "select "
            + column
            + ", count(*) from entry where "
            + column
            + " is not null group by "
            + column
            + " order by 2 desc, 1";
    try (var rows = connection.createStatement().executeQuery(texts);
        var update =
            connection.prepareStatement(
                "update entry set " + column + "_id = ? where " + column + " = ?")) {
      while (rows.next()) {
        if (!rows.getString(1).isBlank()) {
          update.setObject(1, idOf(kind, rows.getString(1)));
          update.setString(2, rows.getString(1));
          update.executeUpdate();
        }
      }
    }
  }

  /** Poses that no program could read become part of the note. */
  private void poses() throws SQLException {
    try (var rows =
            connection
                .createStatement()
                .executeQuery("select id, poses, note from entry where poses <> ''");
        var update =
            connection.prepareStatement("update entry set poses = ?, note = ? where id = ?")) {
      while (rows.next()) {
        var poses = rows.getString("poses");
        var note = rows.getString("note");
        try {
          poses = Poses.read(poses).written();
        } catch (IllegalArgumentException e) {
          note = (note.isEmpty() ? "" : note + "; ") + "Poses: " + poses;
          note = note.substring(0, Math.min(LONGEST_NOTE, note.length()));
          poses = "";
        }
        update.setString(1, poses);
        update.setString(2, note);
        update.setObject(3, rows.getObject("id"));
        update.executeUpdate();
      }
    }
  }

  /** A kind that a filter of a promise names, in the words of the database before. */
  static NameKind kind(String field) {
    return NameKind.valueOf(field.toUpperCase(Locale.ROOT));
  }
}
