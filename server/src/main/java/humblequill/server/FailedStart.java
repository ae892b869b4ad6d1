package humblequill.server;

import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.Disk;
import humblequill.server.ground.data.NotKept;
import humblequill.server.ground.data.SafeFiles;
import humblequill.server.ground.message.Words;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;

/** What is said when the application itself could not start. */
final class FailedStart {
  private FailedStart() {}

  /** A sentence for the learner; what only a developer reads goes to a file. */
  static String sentence(DataFolder folder, RuntimeException failure) {
    var why =
        new Disk(folder)
            .failed(failure)
            .map(NotKept::reason)
            .map(Words::say)
            .orElse("Something in the program went wrong.");
    return "Humble Quill could not start. " + why + written(folder, failure);
  }

  private static String written(DataFolder folder, RuntimeException failure) {
    var all = new StringWriter();
    failure.printStackTrace(new PrintWriter(all, true));
    var file = folder.path().resolve("failed-start.txt");
    try {
      SafeFiles.replace(file, all.toString().getBytes(StandardCharsets.UTF_8));
      return " The details are in " + file + ".";
    } catch (IOException e) {
      return "";
    }
  }
}
