package humblequill.core.ground.name;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Names by identity and by spelling: renamed, merged, given. Facts by construction. */
class NamesTest {
  private static final UUID A = new UUID(0, 1);
  private static final UUID B = new UUID(0, 2);
  private static final UUID C = new UUID(0, 3);

  private static Name medium(UUID id, String text, String... spellings) {
    return new Name(id, NameKind.MEDIUM, text, List.of(spellings), Set.of(), Optional.empty());
  }

  private static Names names(Name... names) {
    return new Names(Arrays.asList(names));
  }

  @Test
  void a_name_is_found_by_every_spelling_and_called_as_it_is_called_now() {
    var names = names(medium(A, "brush pen", "bp", "Pinselstift"));
    for (var spelling : List.of("Brush Pens", "BP", "pinselstift", " brush pen ")) {
      assertThat(names.called(NameKind.MEDIUM, spelling)).as(spelling).isEqualTo("brush pen");
    }
    assertThat(names.called(NameKind.MEDIUM, " reed ")).isEqualTo("reed");
    assertThat(names.called(NameKind.BOOK, "bp")).as("of another kind").isEqualTo("bp");
    assertThat(names.find(NameKind.MEDIUM, "reed")).isEmpty();
  }

  @Test
  void what_a_name_was_called_before_stays_a_spelling_of_it() {
    var renamed = medium(A, "brush pen", "bp").renamed("ink brush");
    assertThat(renamed.spellings()).containsExactly("bp", "brush pen");
    assertThat(renamed.renamed("brush pens").spellings()).containsExactly("bp", "ink brush");
    assertThat(renamed.id()).isEqualTo(A);
  }

  @Test
  void a_merged_name_means_another_through_as_many_steps_as_there_are() {
    var names =
        names(
            medium(A, "brush pen"),
            medium(B, "pinselstift").meaning(Optional.of(A)),
            medium(C, "stift").meaning(Optional.of(B)));
    assertThat(names.find(C)).map(Name::text).contains("brush pen");
    assertThat(names.itself(C)).map(Name::text).contains("stift");
    assertThat(names.called(NameKind.MEDIUM, "Stifts")).isEqualTo("brush pen");
    assertThat(names.meaning(B)).containsExactlyInAnyOrder(A, B, C);
    assertThat(names.mergedInto(A)).extracting(Name::text).containsExactly("pinselstift", "stift");
    assertThat(names.mergedInto(B)).isEmpty();
    assertThat(names.all(NameKind.MEDIUM)).extracting(Name::text).containsExactly("brush pen");
    assertThat(names.meaning(new UUID(9, 9))).isEmpty();
  }

  @Test
  void two_names_cannot_have_one_spelling() {
    assertThatThrownBy(() -> names(medium(A, "pen", "biro"), medium(B, "Biros")))
        .isInstanceOf(BrokenNamesException.class)
        .hasMessageContaining("taken=pen")
        .hasMessageContaining("spelling=Biros");
    assertThat(names(medium(A, "pen", "Pens")).all(NameKind.MEDIUM)).hasSize(1);
  }

  @Test
  void what_is_written_otherwise_is_told_whose_spelling_it_is() {
    var names = names(medium(A, "pen", "biro"), medium(B, "graphite"));
    names.check(medium(B, "graphite", "pencil"));
    names.check(medium(A, "biro", "pen"));
    assertThatThrownBy(() -> names.check(medium(B, "Biros")))
        .hasMessage("ground.spellingThere spelling=Biros, taken=pen");
    assertThatThrownBy(() -> names.check(medium(A, "pen", "biro", "graphite")))
        .hasMessageContaining("ground.nameThere spelling=graphite, same=true");
    var merged = medium(C, "stift").meaning(Optional.of(A));
    names(medium(A, "pen"), merged).check(merged.renamed("tuschestift"));
  }

  @Test
  void a_merge_that_leads_nowhere_in_a_circle_or_to_another_kind_is_refused() {
    var nowhere = medium(B, "b").meaning(Optional.of(C));
    assertThatThrownBy(() -> names(medium(A, "a"), nowhere))
        .isInstanceOf(BrokenNamesException.class)
        .hasMessageContaining("=b");
    var one = medium(A, "a").meaning(Optional.of(B));
    var other = medium(B, "b").meaning(Optional.of(A));
    assertThatThrownBy(() -> names(one, other)).isInstanceOf(BrokenNamesException.class);
    var book = Name.fresh(C, NameKind.BOOK, "c");
    assertThatThrownBy(() -> names(book, nowhere)).isInstanceOf(BrokenNamesException.class);
  }

  @Test
  void what_cannot_be_a_name_is_refused_with_its_value() {
    assertThatThrownBy(() -> medium(A, "  ")).hasMessageContaining("most=200");
    assertThatThrownBy(() -> medium(A, "x".repeat(201))).hasMessageContaining("201");
    assertThat(medium(A, "x".repeat(200)).text()).hasSize(200);
    assertThatThrownBy(() -> medium(A, "a").meaning(Optional.of(A)))
        .hasMessageContaining("ground.meansItself");
    assertThatThrownBy(
            () ->
                new Name(
                    A, NameKind.BOOK, "a", List.of(), Set.of(MediumProperty.WET), Optional.empty()))
        .hasMessageContaining("ground.propertiesOfMedia");
    var many = java.util.Collections.nCopies(61, "s").toArray(String[]::new);
    assertThatThrownBy(() -> medium(A, "a", many)).hasMessageContaining("61");
    assertThat(medium(A, " a ", " b ", " ").spellings()).containsExactly("b");
  }

  @Test
  void a_given_name_gives_way_to_what_the_learner_made_of_it() {
    var given = medium(A, "brush pen", "brushpen", "bp");
    var mine = medium(A, "ink brush", "brush pen");
    var names = Names.of(List.of(mine), List.of(given));
    assertThat(names.called(NameKind.MEDIUM, "brushpen")).isEqualTo("ink brush");
    assertThat(names.find(A).orElseThrow().spellings())
        .as("each spelling once")
        .containsExactly("brush pen", "brushpen", "bp");
  }

  @Test
  void a_given_spelling_that_means_something_else_to_the_learner_is_left_out() {
    var given = medium(A, "graphite", "lead");
    var mine = medium(B, "lead");
    var names = Names.of(List.of(mine), List.of(given));
    assertThat(names.find(NameKind.MEDIUM, "lead")).map(Name::id).contains(B);
    assertThat(names.find(NameKind.MEDIUM, "graphite")).map(Name::id).contains(A);
    var whole = Names.of(List.of(medium(B, "Graphite")), List.of(given));
    assertThat(whole.find(NameKind.MEDIUM, "graphite")).map(Name::id).contains(B);
    assertThat(whole.find(A)).as("all of it is taken").isEmpty();
  }

  @Test
  void given_names_have_the_same_identity_on_every_machine() {
    assertThat(Name.given(NameKind.MEDIUM, "pen"))
        .as("version 3 UUID of \"MEDIUM/pen\" (RFC 9562, 5.3), by md5sum")
        .isEqualTo(UUID.fromString("e3ea5f6a-26fe-37b6-ba01-63a63f63e784"));
    assertThat(Name.given(NameKind.BOOK, "pen")).isNotEqualTo(Name.given(NameKind.MEDIUM, "pen"));
  }

  @Test
  void what_ships_is_whole_and_says_what_media_are_like() {
    var names = new Names(ShippedNames.all());
    assertThat(names.propertiesOf("soft pastels")).contains(MediumProperty.DUSTY);
    assertThat(names.propertiesOf("charcoal")).contains(MediumProperty.DUSTY);
    assertThat(names.propertiesOf("watercolour")).contains(MediumProperty.WET);
    assertThat(names.propertiesOf("brush pen")).contains(MediumProperty.CANNOT_BE_ERASED);
    assertThat(names.propertiesOf("moon dust")).isEmpty();
    assertThat(names.propertiesOf("charcoal and pen"))
        .as("dusty as charcoal, and erased where it is charcoal")
        .containsExactly(MediumProperty.DUSTY);
    assertThat(names.propertiesOf("pen and watercolour"))
        .containsExactlyInAnyOrder(MediumProperty.WET, MediumProperty.CANNOT_BE_ERASED);
  }
}
