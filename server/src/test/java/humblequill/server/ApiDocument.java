package humblequill.server;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Makes the generated OpenAPI document say which fields are always there and which can be null. */
@Configuration(proxyBeanMethods = false)
class ApiDocument {
  @Bean
  ModelConverter requiredUnlessNullable() {
    return new ModelConverter() {
      @Override
      public Schema<?> resolve(
          AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        Schema<?> resolved = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
        JavaType java = Json.mapper().constructType(type.getType());
        if (resolved != null && java != null && java.getRawClass().isRecord()) {
          var named = context.getDefinedModels().get(java.getRawClass().getSimpleName());
          mark(named == null ? resolved : named, java.getRawClass());
        }
        return resolved;
      }
    };
  }

  private static void mark(Schema<?> schema, Class<?> record) {
    if (schema.getProperties() == null) {
      return;
    }
    for (RecordComponent component : record.getRecordComponents()) {
      var property = schema.getProperties().get(component.getName());
      if (property == null) {
        continue;
      }
      boolean nullable =
          Arrays.stream(component.getAnnotatedType().getAnnotations())
              .anyMatch(a -> a.annotationType() == Nullable.class);
      if (!nullable) {
        if (schema.getRequired() == null || !schema.getRequired().contains(component.getName())) {
          schema.addRequiredItem(component.getName());
        }
      } else if (property.getTypes() != null) {
        property.addType("null");
      }
    }
  }
}
