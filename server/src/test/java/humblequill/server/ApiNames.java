package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaType;
import com.tngtech.archunit.junit.ArchTest;
import java.util.ArrayDeque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Set;
import org.springframework.web.bind.annotation.RestController;

/**
 * The API's document names a record by its simple name; two of one name would become one. Part of
 * {@link ShapeTest}, since reading all classes takes long.
 */
final class ApiNames {
  private ApiNames() {}

  @ArchTest
  static void no_two_records_of_the_api_share_a_name(JavaClasses classes) {
    var seen = new HashSet<JavaClass>();
    var next = new ArrayDeque<JavaClass>();
    for (var controller : classes) {
      if (controller.isAnnotatedWith(RestController.class)) {
        for (var method : controller.getMethods()) {
          next.addAll(own(Set.of(method.getReturnType())));
          next.addAll(own(Set.copyOf(method.getParameterTypes())));
        }
      }
    }
    while (!next.isEmpty()) {
      var one = next.poll();
      if (seen.add(one)) {
        one.getFields().forEach(f -> next.addAll(own(Set.of(f.getType()))));
        one.getSubclasses().stream().filter(JavaClass::isRecord).forEach(next::add);
      }
    }
    assertThat(seen).hasSizeGreaterThan(50);
    var byName = new HashMap<String, String>();
    for (var one : seen) {
      var other = byName.put(one.getSimpleName(), one.getName());
      assertThat(other).as("also called as " + one.getName()).isNull();
    }
  }

  private static Set<JavaClass> own(Set<JavaType> types) {
    var own = new HashSet<JavaClass>();
    for (var type : types) {
      for (var raw : type.getAllInvolvedRawTypes()) {
        if (raw.getPackageName().startsWith("humblequill")
            && (raw.isRecord() || raw.isAnnotatedWith(JsonTypeInfo.class))) {
          own.add(raw.getBaseComponentType());
        }
      }
    }
    return own;
  }
}
