package humblequill.server;

import java.util.ArrayList;
import java.util.List;

/**
 * What was asked for on the command line.
 *
 * @param doing what is done
 * @param what the copy to restore or the file to import; empty otherwise
 */
record Options(String data, int port, boolean demo, Doing doing, String what, String[] rest) {
  /** What is done with the data folder. */
  enum Doing {
    RUN,
    RESTORE,
    CHECK,
    REPAIR,
    IMPORT
  }

  /** A command line that cannot be followed, with the reason in a sentence. */
  static final class Wrong extends Exception {
    private static final long serialVersionUID = 1L;

    Wrong(String sentence) {
      super(sentence);
    }
  }

  /**
   * Whether copies are listed and nothing is written, which may be while another run has the
   * folder.
   */
  boolean onlyLists() {
    return doing == Doing.RESTORE && what.isEmpty();
  }

  static Options parse(String... args) throws Wrong {
    String data = null;
    int port = 8420;
    boolean demo = false;
    var doing = Doing.RUN;
    var what = "";
    var rest = new ArrayList<String>();
    var words = List.of(args).listIterator();
    while (words.hasNext()) {
      var word = words.next();
      switch (word) {
        case "--data" -> data = value(word, words);
        case "--port" -> port = port(value(word, words));
        case "--demo" -> demo = true;
        case "--restore" -> {
          doing = Doing.RESTORE;
          what = words.hasNext() ? words.next() : "";
        }
        case "--check" -> doing = doing == Doing.REPAIR ? doing : Doing.CHECK;
        case "--repair" -> doing = Doing.REPAIR;
        case "--import" -> {
          doing = Doing.IMPORT;
          what = value(word, words);
        }
        default -> {
          if (!word.startsWith("--") || !word.contains("=")) {
            throw new Wrong(
                "\""
                    + word
                    + "\" is not an option. Options: --data DIR, --port N, --demo, --restore [COPY], --check, --repair, --import FILE.");
          }
          rest.add(word);
        }
      }
    }
    if (data == null) {
      throw new Wrong("Say where the data is, with --data DIR.");
    }
    return new Options(data, port, demo, doing, what, rest.toArray(String[]::new));
  }

  private static String value(String option, java.util.ListIterator<String> words) throws Wrong {
    if (!words.hasNext()) {
      throw new Wrong(option + " needs a value.");
    }
    return words.next();
  }

  private static int port(String text) throws Wrong {
    try {
      int port = Integer.parseInt(text);
      if (port >= 0 && port <= 65535) {
        return port;
      }
    } catch (NumberFormatException e) {
      // Said below, with the text as it was typed.
    }
    throw new Wrong("--port needs a number from 0 to 65535, not \"" + text + "\".");
  }
}
