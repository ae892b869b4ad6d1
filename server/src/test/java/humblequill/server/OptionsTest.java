package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OptionsTest {
  @Test
  void all_options_are_read_in_any_order() throws Exception {
    var options = Options.parse("--port", "9000", "--demo", "--data", "here", "--quill.now=x");
    assertThat(options.data()).isEqualTo("here");
    assertThat(options.port()).isEqualTo(9000);
    assertThat(options.demo()).isTrue();
    assertThat(options.doing()).isEqualTo(Options.Doing.RUN);
    assertThat(options.rest()).containsExactly("--quill.now=x");
  }

  @Test
  void restore_lists_without_a_day_and_takes_one() throws Exception {
    var list = Options.parse("--data", "d", "--restore");
    assertThat(list.doing()).isEqualTo(Options.Doing.RESTORE);
    assertThat(list.what()).isEmpty();
    assertThat(list.onlyLists()).isTrue();
    var one = Options.parse("--data", "d", "--restore", "2026-03-05");
    assertThat(one.what()).isEqualTo("2026-03-05");
    assertThat(one.onlyLists()).isFalse();
  }

  @Test
  void checking_changes_nothing_unless_repair_is_said() throws Exception {
    assertThat(Options.parse("--data", "d", "--check").doing()).isEqualTo(Options.Doing.CHECK);
    assertThat(Options.parse("--data", "d", "--check", "--repair").doing())
        .isEqualTo(Options.Doing.REPAIR);
    assertThat(Options.parse("--repair", "--check", "--data", "d").doing())
        .isEqualTo(Options.Doing.REPAIR);
  }

  @Test
  void an_import_names_its_file() throws Exception {
    assertThat(Options.parse("--import", "all.zip", "--data", "d").what()).isEqualTo("all.zip");
    assertThatThrownBy(() -> Options.parse("--data", "d", "--import"))
        .hasMessageContaining("--import needs a value");
  }

  @ParameterizedTest
  @CsvSource({
    "--port, needs a value",
    "--data, needs a value",
    "sing, \"sing\"",
    "--loud, \"--loud\"",
    "-p, \"-p\""
  })
  void what_cannot_be_followed_is_named(String word, String said) {
    assertThatThrownBy(() -> Options.parse(word))
        .isInstanceOf(Options.Wrong.class)
        .hasMessageContaining(said);
  }

  @ParameterizedTest
  @CsvSource({"many", "-1", "65536", "8e3", "''"})
  void a_port_that_is_none_is_named(String port) {
    assertThatThrownBy(() -> Options.parse("--data", "d", "--port", port))
        .hasMessageContaining("\"" + port + "\"");
  }

  @Test
  void without_a_folder_nothing_starts() {
    assertThatThrownBy(Options::parse).hasMessageContaining("--data DIR");
  }
}
